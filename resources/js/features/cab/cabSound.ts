import { onScopeDispose, ref, watch, type Ref } from 'vue';

const BUZZ_HZ = 420;
const HISS_SECONDS = 0.7;

/** Buzzer and purge, where they are wanted: off until somebody asks, as a classroom has many cabs. */
export function useCabSound(warning: Ref<boolean>, told: Ref<string>) {
    const on = ref(false);
    let context: AudioContext | undefined;
    let buzzer: OscillatorNode | undefined;

    function quiet(): void {
        buzzer?.stop();
        buzzer = undefined;
    }
    function buzz(): void {
        if (context === undefined || buzzer !== undefined) return;
        buzzer = context.createOscillator();
        const gain = context.createGain();
        gain.gain.value = 0.08;
        buzzer.type = 'square';
        buzzer.frequency.value = BUZZ_HZ;
        buzzer.connect(gain).connect(context.destination);
        buzzer.start();
    }
    function hiss(): void {
        if (context === undefined) return;
        const noise = context.createBuffer(1, context.sampleRate * HISS_SECONDS, context.sampleRate);
        noise.getChannelData(0).forEach((_, n, all) => {
            all[n] = (Math.random() - 0.5) * 0.3 * (1 - n / all.length);
        });
        const source = context.createBufferSource();
        source.buffer = noise;
        source.connect(context.destination);
        source.start();
    }
    function toggle(): void {
        on.value = !on.value;
        context ??= new AudioContext();
    }
    watch([warning, on], () => (warning.value && on.value ? buzz() : quiet()));
    watch(told, (words) => {
        if (on.value && (words.startsWith('Psssh') || words.includes('pop'))) hiss();
    });
    onScopeDispose(() => {
        quiet();
        void context?.close();
    });
    return { on, toggle };
}
