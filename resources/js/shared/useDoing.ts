import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem } from '@/shared/api/client';
import { ref, type Ref } from 'vue';

/** One thing done at a time: whether it is going on, and what was in the way. */
export function useDoing(): {
    busy: Ref<boolean>;
    why: Ref<string>;
    /** What is wrong with a field, by its path. */
    faults: Ref<Record<string, string>>;
    doing: (what: () => Promise<void>) => Promise<boolean>;
} {
    const busy = ref(false);
    const why = ref('');
    const faults = ref<Record<string, string>>({});
    async function doing(what: () => Promise<void>): Promise<boolean> {
        if (busy.value) return false;
        busy.value = true;
        why.value = '';
        faults.value = {};
        try {
            await what();
            return true;
        } catch (error) {
            why.value = wordsOf(error);
            if (error instanceof ApiProblem) {
                faults.value = Object.fromEntries(error.errors.map(({ path, message }) => [path, message]));
            }
            return false;
        } finally {
            busy.value = false;
        }
    }
    return { busy, why, faults, doing };
}
