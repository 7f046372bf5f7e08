import { answer, api, type Schemas } from '@/shared/api/client';
import type { CaptionSource, LivePiece } from '@/shared/speech/sources/CaptionSource';

const ASK_EVERY_MS = 800;

type Utterances = Schemas['UtteranceResource'][];

/** What one page has sent of a walk, after that time of its clock. */
export const saidInWalk =
    (attempt: string, recorder: string) =>
    (after_ms: number): Promise<Utterances> =>
        answer(
            api.GET('/attempts/{attempt}/utterances', {
                params: { path: { attempt }, query: { recorder, after_ms } },
            }),
        );

/** The same of a rehearsal. */
export const saidInRehearsal =
    (student: number, rehearsal: string) =>
    (after_ms: number): Promise<Utterances> =>
        answer(
            api.GET('/students/{student}/rehearsals/{rehearsal}/utterances', {
                params: { path: { student, rehearsal }, query: { after_ms } },
            }),
        );

/** What this device records, as the server's own recognizer hears it. */
export class MicrophoneEar implements CaptionSource {
    readonly name = 'Microphone, heard on your school’s server';
    #timer: ReturnType<typeof setTimeout> | undefined;
    #known = new Set<string>();
    #after = -1;

    constructor(
        private readonly said: (afterMs: number) => Promise<Utterances>,
        /** Utterances before this time of the walk were heard by another page. */
        fromMs: number,
    ) {
        this.#after = fromMs - 1;
    }

    start(hear: (piece: LivePiece) => void): void {
        const ask = async (): Promise<void> => {
            const said = await this.said(this.#after);
            for (const one of said) {
                if (one.state === 'waiting') continue;
                for (const { from_ms, text, alternatives } of this.#known.has(one.id) ? [] : one.pieces) {
                    hear({ text, final: true, from_ms, alternatives });
                }
                this.#known.add(one.id);
            }
            // Up to the first that is still worked on.
            const open = said.find(({ state }) => state === 'waiting');
            const done = open === undefined ? said.at(-1)?.from_ms : open.from_ms - 1;
            this.#after = Math.max(this.#after, done ?? -1);
        };
        // While the server is away, marking goes on by hand; what was said is heard later.
        const again = (): void => {
            this.#timer = setTimeout(
                () =>
                    void ask()
                        .catch(() => undefined)
                        .then(again),
                ASK_EVERY_MS,
            );
        };
        again();
    }

    stop(): void {
        clearTimeout(this.#timer);
        this.#timer = undefined;
    }
}
