import { answer, api, isPassing, type Schemas } from '@/shared/api/client';
import { dayAndTime } from '@/shared/format';
import { wordsOf } from '@/shared/wordsOf';
import { computed, ref, shallowRef } from 'vue';
import { v7 } from 'uuid';
import type { FileRecord, Named, Whose } from './recordsFile';

const PAUSE_MS = 5000;
const TRIES = 24;

/**
 * Sends records one by one: each is taken in whole or not at all, and one that is there already is left as it is, so
 * that beginning again does no harm.
 */
export function useTakeIn() {
    const done = ref(0);
    const all = ref(0);
    const taken = ref(0);
    const faults = shallowRef<string[]>([]);
    const isGoing = ref(false);
    let stopped = false;
    // Made once: a student who was added is not added again by a second try.
    const added = new Map<string, number>();
    const ids = new Map<string, string>();

    /** What is refused only for now, as too many in a minute or no network, is tried again. */
    async function patiently<T>(ask: () => Promise<T>): Promise<T> {
        for (let left = TRIES; ; left--) {
            try {
                return await ask();
            } catch (error) {
                if (!isPassing(error) || left === 0 || stopped) throw error;
                await new Promise((go) => setTimeout(go, PAUSE_MS));
            }
        }
    }
    async function student(name: string, whose: number | 'new'): Promise<number> {
        if (whose !== 'new') return whose;
        const known = added.get(name);
        if (known !== undefined) return known;
        const id = ids.get(name) ?? v7();
        ids.set(name, id);
        const { student: made } = await patiently(() => answer(api.POST('/students', { body: { id, name } })));
        added.set(name, made.id);
        return made.id;
    }
    async function send(name: string, whose: number | 'new', record: FileRecord): Promise<void> {
        try {
            const student_id = await student(name, whose);
            // The server reads the record; here it is only passed on.
            const body = { student_id, record } as unknown as Schemas['ImportRecordRequest'];
            await patiently(() => answer(api.POST('/records', { body })));
            taken.value++;
        } catch (error) {
            const when = typeof record.started_at === 'string' ? record.started_at : '';
            const at = Number.isNaN(Date.parse(when)) ? 'without a time' : dayAndTime(when);
            faults.value = [...faults.value, `${name}, ${at}: ${wordsOf(error)}`];
        }
        done.value++;
    }

    return {
        done,
        taken,
        faults,
        isGoing,
        share: computed(() => (all.value === 0 ? 0 : done.value / all.value)),
        stop: (): void => void (stopped = true),
        async takeIn(named: Named[], whose: Record<string, Whose>): Promise<void> {
            const wanted = named.flatMap(({ name, records }) => {
                const of = whose[name];
                return typeof of === 'number' || of === 'new' ? records.map((record) => ({ name, of, record })) : [];
            });
            [all.value, done.value, taken.value, faults.value, isGoing.value] = [wanted.length, 0, 0, [], true];
            stopped = false;
            for (const { name, of, record } of wanted) {
                if (stopped) break;
                await send(name, of, record);
            }
            isGoing.value = false;
        },
    };
}
