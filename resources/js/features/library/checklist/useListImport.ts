import { base64Of } from '@/shared/base64';
import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem } from '@/shared/api/client';
import { computed, ref, shallowRef } from 'vue';
import { readPartsList, type PartsList } from '../api';

/** Somebody's own list on its way into a draft: read, columns told, doubts decided. Nothing changes meanwhile. */
export function useListImport(draft: string) {
    const list = shallowRef<PartsList>();
    const name = ref('');
    const busy = ref(false);
    const why = ref<string[]>([]);
    const choices = ref<Record<string, string>>({});
    let content = '';

    async function read(columns?: PartsList['columns'][number]['holds'][]): Promise<void> {
        busy.value = true;
        why.value = [];
        try {
            list.value = await readPartsList(draft, {
                name: name.value,
                content,
                ...(columns === undefined ? {} : { columns }),
                choices: choices.value,
            });
        } catch (error) {
            why.value =
                error instanceof ApiProblem && error.errors.length > 0
                    ? error.errors.map(({ path, message }) => (path === '' ? message : `${path}: ${message}`))
                    : [wordsOf(error)];
        }
        busy.value = false;
    }

    function start(of: string, bytes: Uint8Array): Promise<void> {
        name.value = of;
        list.value = undefined;
        choices.value = {};
        content = base64Of(bytes);
        return read();
    }

    const columns = (): PartsList['columns'][number]['holds'][] => list.value?.columns.map(({ holds }) => holds) ?? [];

    /** Each kind of column but "not needed" is there once: the one that had it before gives it up. */
    function hold(at: number, holds: PartsList['columns'][number]['holds']): Promise<void> {
        return read(
            columns().map((one, n) => (n === at ? holds : one === holds && holds !== 'nothing' ? 'nothing' : one)),
        );
    }

    function choose(line: number, choice: string): Promise<void> {
        choices.value = { ...choices.value, [line]: choice };
        return read(columns());
    }

    /** Every doubtful line as it is shown. */
    function agree(): Promise<void> {
        const shown = doubtful.value.map(({ line, choice }) => [String(line), choice]);
        choices.value = { ...choices.value, ...(Object.fromEntries(shown) as Record<string, string>) };
        return read(columns());
    }

    const doubtful = computed(() => list.value?.parts.filter(({ settled }) => !settled) ?? []);
    const taken = computed(() => list.value?.parts.filter(({ choice }) => choice !== 'skip').length ?? 0);

    return { list, name, busy, why, doubtful, taken, start, hold, choose, agree };
}
