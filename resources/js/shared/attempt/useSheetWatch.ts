import { onScopeDispose } from 'vue';
import { readSheet, type Sheet } from './api';

const EVERY_MS = 1500;

/** Asks for the sheet again and again and hands it on when it is new; a watcher is so at most two seconds behind. */
export function useSheetWatch(
    id: string,
    wanted: () => boolean,
    take: (sheet: Sheet) => void,
    fail: (error: unknown) => void = () => undefined,
): void {
    let tag: string | undefined;
    let timer: ReturnType<typeof setTimeout>;
    let stopped = false;

    async function look(): Promise<void> {
        if (wanted() && document.visibilityState === 'visible') {
            try {
                const newer = await readSheet(id, tag);
                // A mark made meanwhile makes this answer old; the next one has it.
                if (newer !== undefined && wanted()) {
                    tag = newer.tag;
                    take(newer.sheet);
                }
            } catch (error) {
                fail(error);
            }
        }
        if (!stopped) timer = setTimeout(() => void look(), EVERY_MS);
    }

    timer = setTimeout(() => void look(), EVERY_MS);
    onScopeDispose(() => {
        stopped = true;
        clearTimeout(timer);
    });
}
