import { onScopeDispose, ref, type Ref } from 'vue';

/** Whether another tab of this device has the same walk open. */
export function useOtherTab(attempt: string): Ref<boolean> {
    const elsewhere = ref(false);
    const channel = new BroadcastChannel(`pasada-walk-${attempt}`);
    channel.onmessage = ({ data }: MessageEvent<'here' | 'too' | 'gone'>) => {
        elsewhere.value = data !== 'gone';
        if (data === 'here') channel.postMessage('too');
    };
    channel.postMessage('here');
    onScopeDispose(() => {
        channel.postMessage('gone');
        channel.close();
    });
    return elsewhere;
}
