import { useLooking } from '@/features/scoring/useLooking';
import type { Item, Place } from '@/shared/attempt/api';
import type { Action } from '@/shared/attempt/undoStack';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick, ref, shallowRef } from 'vue';

describe('looking at another place', () => {
    const places = ref(['cab', 'engine', 'coupling'].map((id) => ({ id, name: id, items: [] }) as unknown as Place));
    const place = shallowRef<string | undefined>('cab');
    const lastAction = shallowRef<Action>();
    const opened = shallowRef<Item>();
    const marks = async (label: string): Promise<void> => {
        lastAction.value = { label, marks: [label] };
        await nextTick();
    };
    const begin = (): ReturnType<typeof useLooking> => useLooking({ places, place, lastAction } as never, opened);

    beforeEach(() => {
        place.value = 'cab';
        lastAction.value = undefined;
        opened.value = undefined;
    });

    it('shows it and moves nobody', () => {
        const { here, looking, look } = begin();
        expect([here.value?.id, looking.value]).toEqual(['cab', undefined]);
        look('coupling');
        expect([here.value?.id, looking.value?.id, place.value]).toEqual(['coupling', 'coupling', 'cab']);
    });

    it('is over when somebody looks at where the student is', () => {
        const { looking, look } = begin();
        look('coupling');
        look('cab');
        expect(looking.value).toBeUndefined();
    });

    it('is over by itself after a mark', async () => {
        const { here, look } = begin();
        look('coupling');
        await marks('kingpin');
        expect(here.value?.id).toBe('cab');
    });

    it('goes on while the points of a part are open, and is over when they are closed', async () => {
        const { here, look } = begin();
        look('coupling');
        opened.value = { id: 'kingpin' } as Item;
        await marks('locked');
        await marks('no gap');
        expect(here.value?.id).toBe('coupling');
        opened.value = undefined;
        await nextTick();
        expect(here.value?.id).toBe('cab');
    });

    it('is not over when points are closed of which nothing was marked', async () => {
        const { here, look } = begin();
        look('coupling');
        opened.value = { id: 'kingpin' } as Item;
        await nextTick();
        opened.value = undefined;
        await nextTick();
        expect(here.value?.id).toBe('coupling');
    });

    it('closes the points of another place', () => {
        const { look } = begin();
        opened.value = { id: 'belt' } as Item;
        look('engine');
        expect(opened.value).toBeUndefined();
    });

    it('is over when the student comes there, or somebody has seen enough', () => {
        const { looking, look, stopLooking } = begin();
        look('engine');
        place.value = 'engine';
        expect(looking.value).toBeUndefined();
        look('coupling');
        stopLooking();
        expect(looking.value).toBeUndefined();
    });
});
