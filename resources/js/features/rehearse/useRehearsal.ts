import type { Schemas } from '@/shared/api/client';
import { shownItems } from '@/shared/attempt/shownItems';
import { placeTallies } from '@/shared/attempt/placeTallies';
import { WalkClock } from '@/shared/attempt/walkClock';
import { useRecording } from '@/shared/sound/useRecording';
import type { LiveCaption } from '@/shared/speech/api';
import type { CaptionSource } from '@/shared/speech/sources/CaptionSource';
import { wordsOf } from '@/shared/wordsOf';
import { v7 } from 'uuid';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { rehearse, type Rehearsed } from './api';

export interface RehearsedPart {
    student: number;
    checklist: number;
    vehicle: number;
    inspection: Schemas['InspectionResource'];
    scope: string;
}

const AGAIN_MS = 4000;

/** One rehearsal from the first word to the last: the plan fills with what the server hears. */
export function useRehearsal(part: RehearsedPart) {
    const id = v7();
    const clock = new WalkClock(`pasada-clock-${id}`);
    clock.resume(0, true);
    const told = shallowRef<Rehearsed>();
    const pieces = shallowRef<LiveCaption[]>([]);
    const last = ref('');
    const why = ref('');
    const busy = ref(false);
    const source = shallowRef<CaptionSource>();
    let askAgain = false;
    let timer: ReturnType<typeof setTimeout> | undefined;

    async function ask(): Promise<void> {
        clearTimeout(timer);
        askAgain = busy.value;
        if (busy.value) return;
        busy.value = true;
        try {
            told.value = await rehearse(part.student, id, {
                checklist_id: part.checklist,
                vehicle_id: part.vehicle,
                scope: part.scope,
                pieces: pieces.value as Schemas['RehearseRequest']['pieces'],
            });
            why.value = '';
        } catch (error) {
            why.value = `${wordsOf(error)} What you said is kept on this page and tried again.`;
            timer = setTimeout(() => void ask(), AGAIN_MS);
        } finally {
            busy.value = false;
        }
        if (askAgain) await ask();
    }

    function hear(text: string, fromMs = clock.stamp(), alternatives: LiveCaption['alternatives'] = []): void {
        if (text.trim() === '') return;
        last.value = text;
        pieces.value = [
            ...pieces.value,
            { from_ms: fromMs, ...(alternatives.length > 0 ? { alternatives } : { text: text.trim() }) },
        ];
        void ask();
    }

    function stop(): void {
        source.value?.stop();
        source.value = undefined;
    }
    function start(from: CaptionSource): void {
        stop();
        source.value = from;
        from.start(
            ({ text, final, from_ms, alternatives }) => {
                if (final) hear(text, from_ms, alternatives);
            },
            (reason) => {
                why.value = reason;
                stop();
            },
        );
    }
    const recording = useRecording({ id, clock, isHeard: () => true, student: part.student }, { source, start, stop });
    onScopeDispose(() => {
        stop();
        clearTimeout(timer);
    });

    const places = part.inspection.places;
    const tallies = computed(() => {
        const sheet = told.value?.sheet;
        if (sheet === undefined) return undefined;
        const asked = new Set(sheet.outcomes.map(({ item }) => item));
        const all = placeTallies(
            places.map((place) => ({ ...place, items: place.items.filter((item) => asked.has(item.id)) })),
            shownItems(places, sheet, []),
        );
        return new Map([...all].filter(([, { asked: count }]) => count > 0));
    });

    return { told, tallies, pieces, last, why, busy, recording, say: hear, begin: ask };
}

export type OpenRehearsal = ReturnType<typeof useRehearsal>;
