import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem } from '@/shared/api/client';
import { Delivery, type DeliveryState } from '@/shared/outbox/Delivery';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
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
    let isDirty = false;
    const delivery = new Delivery<D, Draft>({
        waiting: () => (isDirty && draft.value !== undefined && document.value !== undefined ? [document.value] : []),
        send: ([changed]) => saveDraft(id, draft.value?.step ?? 0, structuredClone(changed) as D),
        confirmed: ([sent], read) => {
            draft.value = read;
            // Every change is a document of its own: whatever was typed meanwhile still waits.
            isDirty = document.value !== sent;
            if (!isDirty) localStorage.removeItem(kept);
            void measure();
        },
        state: tell,
        restMs: () => SAVE_AFTER_MS,
    });
    onScopeDispose(() => delivery.stop());

    function take(read: Draft): void {
        draft.value = read;
        document.value = structuredClone(read.document) as unknown as D;
        // Whatever changed it, what it would change is worked out anew.
        void measure();
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
                isDirty = true;
                delivery.nudge();
            }
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

    function tell({ state }: DeliveryState, error?: unknown): void {
        if (error !== undefined) fails(error);
        else if (state === 'sending') saving.value = 'saving';
        else {
            saving.value = 'saved';
            why.value = '';
        }
    }

    const save = (): Promise<void> => delivery.flush();

    /** Changes the document in place and sends it a moment after the last change. */
    function change(edit: (document: D) => void): void {
        if (document.value === undefined) return;
        // A copy each time: what shows a part of it sees by its reference that it changed.
        const changed = structuredClone(document.value);
        edit(changed);
        document.value = changed;
        isDirty = true;
        why.value = '';
        localStorage.setItem(kept, JSON.stringify(changed));
        delivery.soon();
    }

    async function step(move: (id: string, step: number) => Promise<Draft>): Promise<void> {
        await save();
        try {
            take(await move(id, draft.value?.step ?? 0));
        } catch (error) {
            fails(error);
        }
    }

    /** Drops what could not be sent and shows the draft as the server has it. */
    async function reload(): Promise<void> {
        isDirty = false;
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
