import { wordsOf } from '@/shared/wordsOf';
import { shallowRef, type ShallowRef } from 'vue';

export type Loaded<T> = { state: 'loading' } | { state: 'ready'; data: T } | { state: 'failed'; why: string };

/** Loads once at once, and again on `again()`; one named state instead of loose flags. */
export function useLoad<T>(load: () => Promise<T>): { loaded: ShallowRef<Loaded<T>>; again: () => Promise<void> } {
    const loaded = shallowRef<Loaded<T>>({ state: 'loading' });
    let asked = 0;
    async function again(): Promise<void> {
        // What was asked last counts, in whatever order the answers come.
        const mine = ++asked;
        // Only the first time waits; what is there stays until the new is.
        if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' };
        try {
            const data = await load();
            if (mine === asked) loaded.value = { state: 'ready', data };
        } catch (error) {
            if (mine === asked) loaded.value = { state: 'failed', why: wordsOf(error) };
        }
    }
    void again();
    return { loaded, again };
}
