import { answer, api, type Schemas } from '@/shared/api/client';
import { useLoad } from '@/shared/useLoad';
import { computed, nextTick, onScopeDispose, ref, shallowRef } from 'vue';

export type Sound = Schemas['SoundResource'];

/** What a result tells of when an item came. */
export interface Told {
    sheet: { outcomes: { item: string; first_at_ms: number | null }[] };
    inspection: { places: { id: string; items: { id: string }[] }[] };
    visits: { place: string; from_ms: number }[];
}

/** When an item was marked, or its words were said. */
export interface ItemMoment {
    item: string;
    at_ms: number;
}

/** What was said is heard from a little before it. */
export const LEAD_MS = 2000;
/** Whoever marks by hand hears first, then taps. */
const HAND_MS = 4000;
export const STEP_MS = 3000;
export const SLOWER = 0.75;

const canPlay = ({ state }: Sound): boolean => state === 'heard' || state === 'failed';

/**
 * From which second an item is to be heard: from when the recording says it, else from the hand that marked it; of an
 * item that was never said, the stretch of its place.
 */
export function fromMs(item: string, sounds: Sound[], result: Told | undefined): number | undefined {
    if (result === undefined) return undefined;
    const said = sounds.flatMap(({ said: items }) =>
        items.filter((one) => one.item === item).flatMap((one) => one.at_ms),
    );
    if (said.length > 0) return Math.max(0, Math.min(...said) - LEAD_MS);
    const marked = result.sheet.outcomes.find((one) => one.item === item)?.first_at_ms ?? undefined;
    if (marked !== undefined) return Math.max(0, marked - HAND_MS);
    const place = result.inspection.places.find(({ items }) => items.some(({ id }) => id === item))?.id;
    return result.visits.find((visit) => visit.place === place)?.from_ms;
}

/** The recordings of a walk, played by the walk's clock. */
export function useWalkSound(attempt: string, result: () => Told | undefined = () => undefined) {
    const path = { attempt };
    const { loaded, again } = useLoad(() => answer(api.GET('/attempts/{attempt}/sounds', { params: { path } })));
    const sounds = computed(() => (loaded.value.state === 'ready' ? loaded.value.data : []));
    const playable = computed(() => sounds.value.filter(canPlay));
    const audio = shallowRef<HTMLAudioElement>();
    const current = shallowRef<Sound>();
    const at = ref(0);
    const isPlaying = ref(false);
    const isSlow = ref(false);
    const why = ref('');

    async function playFrom(ms: number): Promise<void> {
        why.value = '';
        const found =
            playable.value.find((one) => ms >= one.from_ms && ms < one.from_ms + one.lasts_ms) ??
            playable.value.find((one) => one.from_ms >= ms) ??
            playable.value.at(-1);
        if (found === undefined) return;
        current.value = found;
        await nextTick();
        const player = audio.value;
        if (player === undefined) return;
        player.currentTime = Math.max(0, Math.min(ms, found.from_ms + found.lasts_ms) - found.from_ms) / 1000;
        player.playbackRate = isSlow.value ? SLOWER : 1;
        await player.play().catch((error: unknown) => {
            if (!(error instanceof DOMException && error.name === 'AbortError')) {
                why.value = 'This browser cannot play the recording. Try another one.';
            }
        });
    }

    function toggle(): void {
        if (isPlaying.value) audio.value?.pause();
        else void playFrom(at.value);
    }

    function slow(): void {
        isSlow.value = !isSlow.value;
        if (audio.value !== undefined) audio.value.playbackRate = isSlow.value ? SLOWER : 1;
    }

    onScopeDispose(() => audio.value?.pause());

    return {
        sounds,
        playable,
        again,
        audio,
        current,
        at,
        isPlaying,
        isSlow,
        why,
        playFrom,
        toggle,
        slow,
        step: (by: number): Promise<void> => playFrom(Math.max(0, at.value + by)),
        /** Whether there is anything to hear of an item. */
        has: (item: string): boolean =>
            playable.value.length > 0 && fromMs(item, playable.value, result()) !== undefined,
        hear: (item: string): void => void playFrom(fromMs(item, playable.value, result()) ?? 0),
    };
}

export type WalkSound = ReturnType<typeof useWalkSound>;
