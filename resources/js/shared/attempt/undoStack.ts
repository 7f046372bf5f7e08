import { useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';

/** What one tap did: its marks, so that one undo takes all of them back. */
export interface Action {
    label: string;
    marks: string[];
    /** Where the scorer was before, for undoing a move, and where it went. */
    from?: string;
    to?: string;
}

const MOST = 50;

/** The last actions of this device and those that were undone: neither a reload nor a closed tab forgets them. */
export function useUndoStack(attempt: string) {
    const done = useLocalStorage<Action[]>(`pasada-actions-${attempt}`, []);
    const undone = useLocalStorage<{ action: Action; undos: string[] }[]>(`pasada-undone-${attempt}`, []);
    return {
        last: computed(() => done.value.at(-1)),
        next: computed(() => undone.value.at(-1)?.action),
        push(action: Action): void {
            done.value = [...done.value, action].slice(-MOST);
            undone.value = [];
        },
        /** Takes the last action off; its undo marks are told by `undid`. */
        pop(): Action | undefined {
            const action = done.value.at(-1);
            done.value = done.value.slice(0, -1);
            return action;
        },
        undid(action: Action, undos: string[]): void {
            undone.value = [...undone.value, { action, undos }].slice(-MOST);
        },
        /** The action undone last, with the undo marks to take back. */
        redo(): { action: Action; undos: string[] } | undefined {
            const entry = undone.value.at(-1);
            if (entry === undefined) return undefined;
            undone.value = undone.value.slice(0, -1);
            done.value = [...done.value, entry.action].slice(-MOST);
            return entry;
        },
    };
}
