import type { Schemas } from '@/shared/api/client';
import { useKept } from '@/shared/useKept';
import type { RemovableRef } from '@vueuse/core';
import { v7 } from 'uuid';
import type { Sheet } from './paperLines';

/** A paper sheet that is being entered; a reload loses nothing of it. */
export interface KeptPaper {
    /** Made once: sending twice takes it in once. */
    id: string;
    student: number | null;
    vehicle: number | null;
    checklist: number | null;
    /** Empty where everything is asked. */
    form: string;
    mode: 'practice' | 'exam';
    /** Day and time by this device, as 2026-11-24T15:30. */
    began: string;
    minutes: string;
    sheet: Sheet;
    note: string;
}

export const newPaper = ({ students, vehicles, checklists }: Schemas['ChoicesResource'], asked: number): KeptPaper => ({
    id: v7(),
    student: students.find(({ id }) => id === asked)?.id ?? null,
    vehicle: vehicles[0]?.id ?? null,
    checklist: checklists[0]?.id ?? null,
    form: '',
    mode: 'practice',
    began: '',
    minutes: '',
    sheet: {},
    note: '',
});

/** The sheet of whoever is signed in. */
export const useKeptPaper = (): RemovableRef<KeptPaper | null> => useKept<KeptPaper>('paper');
