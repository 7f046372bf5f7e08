import type { Schemas } from '@/shared/api/client';
import { useSession } from '@/shared/session/useSession';
import { useLocalStorage, type RemovableRef } from '@vueuse/core';
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

const serializer = {
    read: (text: string): KeptPaper | null => {
        try {
            return JSON.parse(text) as KeptPaper | null;
        } catch {
            return null;
        }
    },
    write: (value: KeptPaper | null): string => JSON.stringify(value),
};

/** The sheet of whoever is signed in. */
export const useKeptPaper = (): RemovableRef<KeptPaper | null> =>
    useLocalStorage<KeptPaper | null>(`pasada-paper-${useSession().user.value?.id ?? 0}`, null, { serializer });
