import { answer, api, ApiProblem, isPassing, type Schemas } from '@/shared/api/client';
import { wordsOf } from '@/shared/wordsOf';
import { useLocalStorage, useTimeoutPoll } from '@vueuse/core';
import { v7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';

const ASK_EVERY_MS = 1500;

interface Answer {
    id: string;
    item: string;
    works: boolean;
}

/** The helper's phone: what to look at now, and answers that are kept here until the server has them. */
export function useHelper() {
    const token = useLocalStorage('pasada-helper', '');
    const waiting = useLocalStorage<Answer[]>('pasada-helper-answers', []);
    const task = shallowRef<Schemas['HelperTaskResource']>();
    const why = ref('');
    const isAway = ref(false);
    const isOver = ref(false);
    const path = computed(() => ({ token: token.value }));

    function end(error: unknown): void {
        if (isPassing(error)) {
            isAway.value = true;
            return;
        }
        why.value = wordsOf(error);
        // The light check is over: nothing is sent any more, and the next code begins anew.
        if (error instanceof ApiProblem && error.status === 410) {
            isOver.value = true;
            token.value = '';
            waiting.value = [];
            task.value = undefined;
        }
    }

    /** What waits is sent first, in order, each once; then it is asked what comes next. */
    async function look(): Promise<void> {
        if (token.value === '') return;
        try {
            for (const one of [...waiting.value]) {
                task.value = await answer(
                    api.POST('/helper/{token}/answers', { params: { path: path.value }, body: one }),
                );
                waiting.value = waiting.value.filter(({ id }) => id !== one.id);
            }
            task.value = await answer(api.GET('/helper/{token}', { params: { path: path.value } }));
            isAway.value = false;
            why.value = '';
        } catch (error) {
            end(error);
        }
    }
    const { resume } = useTimeoutPoll(look, ASK_EVERY_MS, { immediate: false });
    resume();

    /** What was answered here is not asked once more, whether the server knows it yet or not. */
    const now = computed(() =>
        waiting.value.some(({ item }) => item === task.value?.item) ? undefined : (task.value ?? undefined),
    );

    return {
        token,
        now,
        why,
        isAway,
        isOver,
        waiting,
        async open(code: string): Promise<void> {
            why.value = '';
            isOver.value = false;
            try {
                const opened = await answer(api.POST('/helper', { body: { code } }));
                token.value = opened.token;
                await look();
            } catch (error) {
                why.value = wordsOf(error);
            }
        },
        say(item: string, works: boolean): void {
            waiting.value = [...waiting.value, { id: v7(), item, works }];
            void look();
        },
    };
}
