import { useStorage, useWakeLock } from '@vueuse/core';
import { onMounted, onScopeDispose, watch, type Ref } from 'vue';

export interface Comfort {
    hand: 'right' | 'left';
    size: 'usual' | 'big';
    tick: boolean;
    shake: boolean;
}

const usual: Comfort = { hand: 'right', size: 'usual', tick: false, shake: true };
const SHAKE_MS = 12;
const TICK_SECONDS = 0.02;

/** How one user wants the scoring screen on this device. */
export const useComfortSettings = (user: number): Ref<Comfort> =>
    useStorage<Comfort>(`pasada-comfort-${user}`, usual, undefined, { mergeDefaults: true });

/** Answers a mark by touch and, if wanted, by a quiet tick; keeps the screen awake while the walk goes on. */
export function useComfort(settings: Ref<Comfort>, lastMark: () => string | undefined): void {
    let sound: AudioContext | undefined;
    const wake = useWakeLock();

    onMounted(() => void wake.request('screen').catch(() => undefined));
    onScopeDispose(() => {
        void wake.release().catch(() => undefined);
        void sound?.close();
    });

    watch(lastMark, (mark) => {
        if (mark === undefined) return;
        // Not every device can shake, and one that was not touched yet refuses to.
        if (settings.value.shake && 'vibrate' in navigator && navigator.userActivation.hasBeenActive)
            navigator.vibrate(SHAKE_MS);
        if (settings.value.tick) tick();
    });

    function tick(): void {
        sound ??= new AudioContext();
        const tone = sound.createOscillator();
        const quiet = sound.createGain();
        quiet.gain.value = 0.05;
        tone.frequency.value = 1400;
        tone.connect(quiet).connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + TICK_SECONDS);
    }
}
