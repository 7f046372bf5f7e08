import { useEventListener } from '@vueuse/core';
import { onScopeDispose, ref, type Ref } from 'vue';

/** Whether another tab of this device has the same walk open. */
export function useOtherTab(attempt: string): Ref<boolean> {
    const elsewhere = ref(false);
    const channel = new BroadcastChannel(`pasada-walk-${attempt}`);
    const tell = (what: 'here' | 'too' | 'gone'): void => channel.postMessage(what);
    channel.onmessage = ({ data }: MessageEvent<'here' | 'too' | 'gone'>) => {
        elsewhere.value = data !== 'gone';
        if (data === 'here') tell('too');
        // One is gone; a third may still be there, and says so.
        if (data === 'gone') tell('here');
    };
    tell('here');
    // A tab that is closed disposes of nothing.
    useEventListener(window, 'pagehide', () => tell('gone'));
    useEventListener(window, 'pageshow', ({ persisted }) => persisted && tell('here'));
    onScopeDispose(() => {
        tell('gone');
        channel.close();
    });
    return elsewhere;
}
