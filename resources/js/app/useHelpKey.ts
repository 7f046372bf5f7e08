import { onMounted, onUnmounted } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { topicOf } from '@/features/help/topics';

const isTyping = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable=true]');

/** "?" opens what the screen at hand is about; a walk has a sheet of keys of its own under it. */
export function useHelpKey(): void {
    const route = useRoute();
    const router = useRouter();
    function press(event: KeyboardEvent): void {
        if (event.key !== '?' || isTyping(event.target) || route.name === 'walk' || route.name === 'help') return;
        const topic = topicOf(String(route.name));
        void router.push({ name: 'help', params: { id: topic?.id ?? '' } });
    }
    onMounted(() => addEventListener('keydown', press));
    onUnmounted(() => removeEventListener('keydown', press));
}
