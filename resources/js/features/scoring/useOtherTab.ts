import { useEventListener, useIntervalFn } from '@vueuse/core';
import { onScopeDispose, ref, type Ref } from 'vue';

/** So long another tab may take to answer; one that was closed or killed says nothing any more. */
const ANSWER_MS = 2000;

/** Whether another tab of this device has the same walk open. */
export function useOtherTab(attempt: string): Ref<boolean> {
    const elsewhere = ref(false);
    let isHeard = true;
    const channel = new BroadcastChannel(`pasada-walk-${attempt}`);
    const tell = (what: 'here' | 'too' | 'gone'): void => channel.postMessage(what);
    channel.onmessage = ({ data }: MessageEvent<'here' | 'too' | 'gone'>) => {
        elsewhere.value = data !== 'gone';
        isHeard = true;
        if (data === 'here') tell('too');
        // One is gone; a third may still be there, and says so.
        if (data === 'gone') tell('here');
    };
    useIntervalFn(() => {
        if (!elsewhere.value) return;
        elsewhere.value = isHeard;
        isHeard = false;
        tell('here');
    }, ANSWER_MS);
    tell('here');
    useEventListener(window, 'pageshow', ({ persisted }) => persisted && tell('here'));
    onScopeDispose(() => {
        tell('gone');
        channel.close();
    });
    return elsewhere;
}
