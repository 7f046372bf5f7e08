import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem } from '@/shared/api/client';
import { useDebounceFn } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import {
    readDraft,
    readEditorWords,
    readEffect,
    redoDraft,
    saveDraft,
    undoDraft,
    type Draft,
    type EditorWords,
    type Effect,
} from './api';

const SAVE_AFTER_MS = 600;

/**
 * One draft in the editor: changes show at once, are kept on the device until the server has them, and come back with
 * what is wrong in them and what they would change.
 */
export function useDraft<D extends object>(id: string) {
    const kept = `pasada-draft-${id}`;
    const draft = shallowRef<Draft>();
    const document = shallowRef<D>();
    const effect = shallowRef<Effect>();
    const words = shallowRef<EditorWords>();
    const saving = ref<'saved' | 'saving' | 'kept' | 'conflict'>('saved');
    const why = ref('');
    let running: Promise<void> | undefined;
    let dirty = false;

    function take(read: Draft): void {
        draft.value = read;
        document.value = structuredClone(read.document) as unknown as D;
    }

    async function open(): Promise<void> {
        why.value = '';
        try {
            const [read, known] = await Promise.all([readDraft(id), readEditorWords()]);
            words.value = known;
            take(read);
            const text = localStorage.getItem(kept);
            if (text !== null) {
                // Typed before a reload and not yet on the server.
                document.value = JSON.parse(text) as D;
                dirty = true;
                void save();
            }
            void measure();
        } catch (error) {
            why.value = wordsOf(error);
        }
    }

    async function measure(): Promise<void> {
        if (draft.value === undefined || draft.value.faults.length > 0) return;
        try {
            effect.value = await readEffect(id);
        } catch {
            // What is wrong with the draft is told beside it; without an effect the old one stands.
        }
    }

    function fails(error: unknown): void {
        saving.value = error instanceof ApiProblem && error.is('draft-moved-on') ? 'conflict' : 'kept';
        why.value = wordsOf(error);
    }

    async function save(): Promise<void> {
        await running;
        if (!dirty || draft.value === undefined || document.value === undefined) return;
        dirty = false;
        saving.value = 'saving';
        running = (async () => {
            try {
                const sent = structuredClone(document.value) as D;
                const read = await saveDraft(id, draft.value?.step ?? 0, sent);
                draft.value = read;
                saving.value = 'saved';
                if (!dirty) localStorage.removeItem(kept);
                void measure();
            } catch (error) {
                dirty = true;
                fails(error);
            }
        })();
        await running;
        running = undefined;
    }

    const saveSoon = useDebounceFn(save, SAVE_AFTER_MS);

    /** Changes the document in place and sends it a moment after the last change. */
    function change(edit: (document: D) => void): void {
        if (document.value === undefined) return;
        // A copy each time: what shows a part of it sees by its reference that it changed.
        const changed = structuredClone(document.value);
        edit(changed);
        document.value = changed;
        dirty = true;
        why.value = '';
        localStorage.setItem(kept, JSON.stringify(changed));
        void saveSoon();
    }

    async function step(move: (id: string, step: number) => Promise<Draft>): Promise<void> {
        await save();
        try {
            take(await move(id, draft.value?.step ?? 0));
            void measure();
        } catch (error) {
            fails(error);
        }
    }

    /** Drops what could not be sent and shows the draft as the server has it. */
    async function reload(): Promise<void> {
        dirty = false;
        localStorage.removeItem(kept);
        saving.value = 'saved';
        await open();
    }

    void open();
    return {
        draft,
        document,
        effect,
        words,
        saving: computed(() => saving.value),
        why,
        change,
        save,
        take,
        reload,
        open,
        undo: () => step(undoDraft),
        redo: () => step(redoDraft),
    };
}

export type OpenDraft<D extends object> = ReturnType<typeof useDraft<D>>;
