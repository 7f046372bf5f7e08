import { wordsOf } from '@/shared/wordsOf';
import { readAttempt, sendMarks, type Attempt } from '@/shared/attempt/api';
import type { Mark } from '@/shared/outbox/Outbox';
import { v4, v7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import {
    addRecording,
    LARGEST_BYTES,
    readRecording,
    turnDown,
    type HeardWords,
    type Suggestion,
} from '@/shared/speech/api';
import { marksOf, marksWith } from '@/shared/speech/marksOf';

const BATCH = 300;

/** The words of one attempt and what is done with the proposals. */
export function useWords(id: string) {
    const attempt = shallowRef<Attempt>();
    const words = shallowRef<HeardWords>();
    const busy = ref('');
    const why = ref('');

    async function open(): Promise<Attempt> {
        const [opened, heard] = await Promise.all([readAttempt(id), readRecording(id)]);
        attempt.value = opened;
        words.value = heard;
        return opened;
    }

    /** Does one thing at a time, tells what it is, and says what went wrong. */
    async function during(doing: string, work: () => Promise<void>): Promise<void> {
        busy.value = doing;
        why.value = '';
        try {
            await work();
        } catch (error) {
            why.value = wordsOf(error);
        } finally {
            busy.value = '';
        }
    }

    const add = (name: string, content: string): Promise<void> =>
        during(`Listening to ${Math.ceil(content.length / 1024)} kB of words…`, async () => {
            if (new Blob([content]).size > LARGEST_BYTES)
                throw new Error(
                    'These captions are larger than 2 MB. An hour has about 0.1 MB: cut off what is not the walk.',
                );
            words.value = await addRecording(id, v7(), name, content);
        });

    /** Sends marks under a recorder of their own: their times are those of the recording and not of this device. */
    async function send(marks: Mark[]): Promise<void> {
        const recorder = v4();
        const ordered = marks.toSorted((a, b) => a.at_ms - b.at_ms);
        for (let from = 0; from < ordered.length; from += BATCH) {
            busy.value = `Marking ${Math.min(from + BATCH, ordered.length)} of ${ordered.length}…`;
            await sendMarks(id, recorder, ordered.slice(from, from + BATCH));
        }
    }

    const state = (keys: Set<string>, to: Suggestion['state']): void => {
        if (words.value === undefined) return;
        words.value = {
            ...words.value,
            suggestions: words.value.suggestions.map((one) => (keys.has(one.key) ? { ...one, state: to } : one)),
        };
    };

    const accept = (suggestions: Suggestion[]): Promise<void> =>
        during('Marking…', async () => {
            await send(suggestions.flatMap(marksOf));
            state(new Set(suggestions.map(({ key }) => key)), 'accepted');
        });

    const acceptWith = (suggestion: Suggestion, item: string, points: NonNullable<Mark['points']>): Promise<void> =>
        during('Marking…', async () => {
            await send(marksWith(suggestion, item, points));
            state(new Set([suggestion.key]), 'accepted');
        });

    /** Turns proposals down, or takes that back. */
    const turn = (suggestions: Suggestion[], down: boolean): Promise<void> =>
        during('Keeping…', async () => {
            state(new Set(suggestions.map(({ key }) => key)), down ? 'rejected' : 'open');
            await turnDown(
                id,
                suggestions.map(({ key }) => ({ id: v7(), key, down })),
            );
        });

    const items = computed(
        () =>
            new Map(
                (attempt.value?.inspection.places ?? []).flatMap((place) => place.items.map((item) => [item.id, item])),
            ),
    );

    return { attempt, words, items, busy, why, open, add, accept, acceptWith, turn };
}

export type OpenWords = ReturnType<typeof useWords>;
