import { useRecorderId } from '@/shared/attempt/recorderId';
import { useSession } from '@/shared/session/useSession';
import type { WalkClock } from '@/shared/attempt/walkClock';
import type { CaptionSource } from '@/shared/speech/sources/CaptionSource';
import { useIntervalFn, useSessionStorage } from '@vueuse/core';
import { onScopeDispose, ref, shallowRef, type Ref } from 'vue';
import { MicrophoneEar, saidInRehearsal, saidInWalk } from './MicrophoneEar';
import { Recorder } from './Recorder';
import { nudgeSound } from './soundSending';

/** A device with less room than this is told of before it is full: an hour of speech has 15 MB. */
const LITTLE_BYTES = 60_000_000;

export type Recording = 'off' | 'starting' | 'on';

/** What is recorded. */
interface Recorded {
    id: string;
    clock: Pick<WalkClock, 'stamp' | 'nowMs' | 'paused'>;
    /** An examination is recorded and not heard along. */
    isHeard: () => boolean;
    /** Who rehearses alone; missing in a walk. */
    student?: number;
}

/** Who takes the words while it goes on. */
interface Words {
    source: Readonly<Ref<CaptionSource | undefined>>;
    start: (ear: CaptionSource) => void;
    stop: () => void;
}

/** Recording of one walk: off until somebody presses Record, paused with the walk's clock. */
export function useRecording(walk: Recorded, live: Words) {
    const { user } = useSession();
    const recorder = useRecorderId();
    const state = ref<Recording>('off');
    const level = ref(0);
    const why = ref('');
    /** It was on when the page was left: a browser does not go on by itself. */
    const wasOn = useSessionStorage(`pasada-recording-${walk.id}`, false);
    const running = shallowRef<Recorder>();
    if (wasOn.value) why.value = 'The recording ended with the page. What was recorded is kept; press Record to go on.';

    const isEarOpen = (): boolean => live.source.value instanceof MicrophoneEar;

    async function warnOfRoom(): Promise<void> {
        const { quota = Infinity, usage = 0 } = (await navigator.storage.estimate().catch(() => undefined)) ?? {};
        if (quota - usage < LITTLE_BYTES) {
            why.value = 'This device is nearly full: free some room, or the recording will end. Marks come first.';
        }
    }

    async function start(): Promise<void> {
        why.value = '';
        if (!Recorder.isThere()) {
            why.value = 'This browser cannot record sound here. Use another browser, or add a recording afterwards.';
            return;
        }
        state.value = 'starting';
        const from = walk.clock.stamp();
        const isHeard = walk.isHeard();
        const one = new Recorder(
            {
                attempt: walk.id,
                user: user.value?.id ?? 0,
                recorder: recorder.value,
                nowMs: () => walk.clock.nowMs(),
                isHeard,
                student: walk.student,
            },
            {
                level: (now) => (level.value = now),
                ended: (reason) => {
                    why.value = reason;
                    end();
                },
                kept: nudgeSound,
            },
        );
        try {
            await one.start();
            running.value = one;
            state.value = 'on';
            wasOn.value = true;
            const said =
                walk.student === undefined
                    ? saidInWalk(walk.id, recorder.value)
                    : saidInRehearsal(walk.student, walk.id);
            if (isHeard && !isEarOpen()) live.start(new MicrophoneEar(said, from));
            await warnOfRoom();
        } catch (error) {
            why.value = error instanceof Error ? error.message : 'The recording could not begin. Try again.';
            end();
            await one.stop();
        }
    }

    function end(): void {
        state.value = 'off';
        level.value = 0;
        running.value = undefined;
        wasOn.value = false;
        // The last words of a rehearsal come when it is over; of a walk all is heard once more.
        if (isEarOpen() && walk.student === undefined) live.stop();
    }

    async function stop(): Promise<void> {
        const one = running.value;
        end();
        await one?.stop();
    }

    useIntervalFn(() => running.value?.pause(walk.clock.paused), 250);
    onScopeDispose(() => void running.value?.stop());

    return { state, level, why, start, stop };
}

export type WalkRecording = ReturnType<typeof useRecording>;
