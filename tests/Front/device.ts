import 'fake-indexeddb/auto';
import { beforeEach, vi } from 'vitest';

/** As much of a device as the logic of the screen asks for: a storage that a test can fill up, and nobody listening. */
export class Storage {
    full = false;
    #kept = new Map<string, string>();

    getItem = (key: string): string | null => this.#kept.get(key) ?? null;
    setItem = (key: string, value: string): void => {
        if (this.full) throw new Error('QuotaExceededError');
        this.#kept.set(key, value);
        // A browser lists what is kept as own properties.
        Object.defineProperty(this, key, { value, enumerable: true, configurable: true });
    };
    removeItem = (key: string): void => {
        this.#kept.delete(key);
        Reflect.deleteProperty(this, key);
    };
}

beforeEach(() => {
    vi.stubGlobal('localStorage', new Storage());
    vi.stubGlobal('sessionStorage', new Storage());
    vi.stubGlobal('addEventListener', () => undefined);
    vi.stubGlobal('removeEventListener', () => undefined);
});
