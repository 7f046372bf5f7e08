import { onScopeDispose, ref, shallowRef } from 'vue';
import type { CaptionSource } from '@/shared/speech/sources/CaptionSource';

/** What a source of captions has heard to the end, piece by piece, while it runs. */
export function useCaptions(hear: (text: string) => void) {
    const source = shallowRef<CaptionSource>();
    const why = ref('');
    function stop(): void {
        source.value?.stop();
        source.value = undefined;
    }
    function listen(to: CaptionSource): void {
        stop();
        why.value = '';
        source.value = to;
        to.start(
            ({ text, final }) => {
                if (final) hear(text);
            },
            (told) => {
                why.value = told;
                stop();
            },
        );
    }
    onScopeDispose(stop);
    return { source, why, listen, stop };
}
