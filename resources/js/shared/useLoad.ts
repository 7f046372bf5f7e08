import { wordsOf } from '@/shared/wordsOf';
import { shallowRef, type ShallowRef } from 'vue';

export type Loaded<T> = { state: 'loading' } | { state: 'ready'; data: T } | { state: 'failed'; why: string };

/** Loads once at once, and again on `again()`; one named state instead of loose flags. */
export function useLoad<T>(load: () => Promise<T>): { loaded: ShallowRef<Loaded<T>>; again: () => Promise<void> } {
    const loaded = shallowRef<Loaded<T>>({ state: 'loading' });
    async function again(): Promise<void> {
        // Only the first time waits; what is there stays until the new is.
        if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' };
        try {
            loaded.value = { state: 'ready', data: await load() };
        } catch (error) {
            loaded.value = { state: 'failed', why: wordsOf(error) };
        }
    }
    void again();
    return { loaded, again };
}
