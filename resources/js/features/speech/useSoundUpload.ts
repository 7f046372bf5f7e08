import { answer, api, done, isPassing } from '@/shared/api/client';
import { rawBody } from '@/shared/sound/rawBody';
import { wordsOf } from '@/shared/wordsOf';
import { useLocalStorage } from '@vueuse/core';
import { v4, v7 } from 'uuid';
import { onScopeDispose, ref } from 'vue';

export const LARGEST_BYTES = 200 * 1024 * 1024;
const PIECE_BYTES = 1024 * 1024;
const ASK_EVERY_MS = 2000;
const TRIES = 5;

/** Endings of files whose kind browsers do not know, or name in other ways. */
const KINDS: Record<string, string> = {
    wav: 'audio/wav',
    flac: 'audio/flac',
    ogg: 'audio/ogg',
    opus: 'audio/ogg',
    mp3: 'audio/mpeg',
    m4a: 'audio/mp4',
    mp4: 'audio/mp4',
    webm: 'audio/webm',
};

/** @returns undefined for what is no sound that is taken */
export const kindOf = (name: string): string | undefined => KINDS[name.split('.').at(-1)?.toLowerCase() ?? ''];

/** Sends a sound file in pieces; what was sent is known when the same file is chosen again. */
export function useSoundUpload(attempt: string, heard: () => void) {
    const state = ref<'idle' | 'sending' | 'hearing'>('idle');
    const share = ref(0);
    const why = ref('');
    /** Which file is on its way, and how far it is. */
    const kept = useLocalStorage<Record<string, { id: string; recorder: string; next: number }>>(
        `pasada-draft-sound-${attempt}`,
        {},
    );
    let goes = 0;

    async function trying(work: () => Promise<void>, mine: number): Promise<void> {
        for (let n = 1; ; n++) {
            try {
                await work();
                return;
            } catch (error) {
                if (!isPassing(error) || n === TRIES || mine !== goes) throw error;
                await new Promise((later) => setTimeout(later, 1000 * n));
            }
        }
    }

    async function pieces(file: File, kind: string, mine: number): Promise<string> {
        const name = `${file.name} ${file.size} ${file.lastModified}`;
        const known = kept.value[name] ?? { id: v7(), recorder: v4(), next: 0 };
        const path = { attempt, sound: known.id };
        const { recorder } = known;
        await answer(
            api.PUT('/attempts/{attempt}/sounds/{sound}', { params: { path }, body: { recorder, from_ms: 0, kind } }),
        );
        const count = Math.ceil(file.size / PIECE_BYTES);
        for (let position = known.next; position < count && mine === goes; position++) {
            const bytes = await file.slice(position * PIECE_BYTES, (position + 1) * PIECE_BYTES).arrayBuffer();
            await trying(
                () =>
                    done(
                        api.PUT('/attempts/{attempt}/sounds/{sound}/pieces/{position}', {
                            params: { path: { ...path, position } },
                            ...rawBody(bytes),
                        }),
                    ),
                mine,
            );
            kept.value = { ...kept.value, [name]: { ...known, next: position + 1 } };
            share.value = Math.round((100 * (position + 1)) / count);
        }
        if (mine !== goes) return '';
        await done(api.POST('/attempts/{attempt}/sounds/{sound}/end', { params: { path }, body: { pieces: count } }));
        kept.value = Object.fromEntries(Object.entries(kept.value).filter(([one]) => one !== name));
        return known.id;
    }

    async function untilHeard(id: string, mine: number): Promise<void> {
        while (mine === goes) {
            await new Promise((later) => setTimeout(later, ASK_EVERY_MS));
            const sounds = await answer(api.GET('/attempts/{attempt}/sounds', { params: { path: { attempt } } }));
            const one = sounds.find((sound) => sound.id === id);
            if (one?.state === 'failed') throw new Error(one.why ?? 'This recording could not be heard.');
            if (one?.state === 'heard') {
                heard();
                return;
            }
        }
    }

    async function send(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        const kind = kindOf(file.name);
        why.value =
            kind === undefined
                ? `${file.name} is no sound that is taken here. WAV, FLAC, OGG, MP3, M4A and WebM are.`
                : file.size === 0
                  ? `${file.name} is empty. Choose the recording itself.`
                  : file.size > LARGEST_BYTES
                    ? `${file.name} is larger than 200 MB. Cut it to the walk, or save it as MP3 or M4A.`
                    : '';
        if (kind === undefined || why.value !== '') return;
        const mine = ++goes;
        state.value = 'sending';
        share.value = 0;
        try {
            const id = await pieces(file, kind, mine);
            if (mine !== goes) return;
            state.value = 'hearing';
            await untilHeard(id, mine);
        } catch (error) {
            if (mine === goes) why.value = wordsOf(error);
        }
        if (mine === goes) state.value = 'idle';
    }

    function cancel(): void {
        goes++;
        state.value = 'idle';
    }
    onScopeDispose(cancel);

    return { state, share, why, send, cancel };
}
