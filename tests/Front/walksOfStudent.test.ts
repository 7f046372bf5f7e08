import { useWalks } from '@/features/students/useWalks';
import type { Walk } from '@/features/students/api';
import { Unreachable, type Schemas } from '@/shared/api/client';
import type { Loaded } from '@/shared/useLoad';
import { describe, expect, it, vi } from 'vitest';
import { nextTick, shallowRef } from 'vue';

const walks = (...ids: string[]): Walk[] => ids.map((id) => ({ id }) as Walk);
const record = (older: string | null, ...ids: string[]): Loaded<Schemas['StudentRecordResource']> => ({
    state: 'ready',
    data: { student: { id: 7 }, attempts: walks(...ids), older } as Schemas['StudentRecordResource'],
});

const api = vi.hoisted(() => ({ listOlderWalks: vi.fn() }));
vi.mock('@/features/students/api', () => api);

describe('the walks of a student', () => {
    /** Pages by the cursor that asks for them: their rows, the newest first, and the cursor of the next. */
    function serving(pages: Record<string, [string[], string | null]>): string[] {
        const asked: string[] = [];
        api.listOlderWalks.mockImplementation((_student: number, cursor: string) => {
            asked.push(cursor);
            const [ids, next] = pages[cursor] ?? [[], null];
            return Promise.resolve({ rows: walks(...ids), next });
        });
        return asked;
    }
    const ids = (of: { value: Walk[] }): string => of.value.map(({ id }) => id).join('');

    it('come with the record, and older ones before them once they are asked for', async () => {
        const asked = serving({ a: [['d', 'c'], 'b'], b: [['b', 'a'], null] });
        const { walks: all, hasOlder, bringOlder } = useWalks(shallowRef(record('a', 'e', 'f')));
        const seen = [ids(all)];
        for (let n = 0; n < 2; n++) {
            expect(hasOlder.value).toBe(true);
            await bringOlder();
            seen.push(ids(all));
        }

        expect(seen).toEqual(['ef', 'cdef', 'abcdef']);
        expect([asked, hasOlder.value]).toEqual([['a', 'b'], false]);
    });

    it('begin anew with a record that was read anew', async () => {
        serving({ a: [['d'], null] });
        const loaded = shallowRef(record('a', 'e', 'f'));
        const { walks: all, hasOlder, bringOlder } = useWalks(loaded);
        await bringOlder();
        loaded.value = record('b', 'f', 'g');
        await nextTick();

        expect([ids(all), hasOlder.value]).toEqual(['fg', true]);
    });

    it('stay as they are where no older ones can be read', async () => {
        api.listOlderWalks.mockRejectedValue(new Unreachable());
        const { walks: all, hasOlder, bringOlder, why } = useWalks(shallowRef(record('a', 'e')));

        expect(await bringOlder()).toBe(false);
        expect([ids(all), hasOlder.value]).toEqual(['e', true]);
        expect(why.value).toContain('cannot be reached');
    });
});
