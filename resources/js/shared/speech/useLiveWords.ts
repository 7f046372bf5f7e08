import { wordsOf } from '@/shared/wordsOf';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { hearLive, type LiveCaption, type Suggestion } from './api';
import type { CaptionSource } from './sources/CaptionSource';

/** Nobody has read a proposal in less time than this: a tap that comes sooner was not meant for it. */
const READ_MS = 400;

/** Words of so many pieces tell where the speaker is; earlier ones no longer change what is heard now. */
const CONTEXT = 60;

/** Live captions of a walk and what they propose: faint until somebody confirms it. */
export function useLiveWords(walk: OpenAttempt) {
    const source = shallowRef<CaptionSource>();
    const pieces = shallowRef<LiveCaption[]>([]);
    const interim = ref('');
    const why = ref('');
    const heard = shallowRef<Suggestion[]>([]);
    const dropped = ref(new Set<string>());
    /** When each proposal came to be what it is. */
    const since = new Map<string, { marks: string; at: number }>();
    let asking = false;
    let askAgain = false;

    async function ask(): Promise<void> {
        askAgain = asking;
        if (asking) return;
        asking = true;
        try {
            const fresh = await hearLive(walk.id, pieces.value.slice(-CONTEXT));
            // What slid out of the context stays proposed: it was heard.
            const known = new Map([...heard.value, ...fresh].map((one) => [one.key, one]));
            heard.value = [...known.values()];
            for (const { key, marks } of fresh) {
                const now = JSON.stringify(marks);
                if (since.get(key)?.marks !== now) since.set(key, { marks: now, at: performance.now() });
            }
            why.value = '';
        } catch (error) {
            why.value = wordsOf(error);
        } finally {
            asking = false;
        }
        if (askAgain) await ask();
    }

    function start(from: CaptionSource): void {
        stop();
        source.value = from;
        why.value = '';
        from.start(
            ({ text, final, from_ms = walk.clock.stamp(), alternatives = [] }) => {
                interim.value = text;
                if (!final || text.trim() === '') return;
                pieces.value = [
                    ...pieces.value,
                    { from_ms, ...(alternatives.length > 0 ? { alternatives } : { text }) },
                ];
                void ask();
            },
            (reason) => {
                why.value = reason;
                stop();
            },
        );
    }

    function stop(): void {
        source.value?.stop();
        source.value = undefined;
        interim.value = '';
    }
    onScopeDispose(stop);

    /** Nobody has marked it, or only that it was said in part. */
    const isAsked = (shown: ShownItem = nothingShown): boolean => shown.state === 'not_reached' || shown.pointsOpen;

    /** Proposals for items that wait for them, the newest last. */
    const faint = computed(
        () =>
            new Map(
                heard.value
                    .filter(
                        ({ item, key }) =>
                            item !== null && !dropped.value.has(key) && isAsked(walk.shown.value.get(item)),
                    )
                    .map((one) => [one.item ?? '', one]),
            ),
    );

    return {
        source,
        interim,
        why,
        faint,
        /** Whether it stood there long enough to have been read. */
        isRead: ({ key }: Suggestion): boolean => performance.now() - (since.get(key)?.at ?? 0) >= READ_MS,
        start,
        stop,
        drop: (one: Suggestion): void => void (dropped.value = new Set(dropped.value).add(one.key)),
    };
}

export type LiveWords = ReturnType<typeof useLiveWords>;
