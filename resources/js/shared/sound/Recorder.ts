import { v7 } from 'uuid';
import cutterUrl from './cutter.worklet.ts?worker&url';
import { SoundDb } from './SoundDb';
import { RATE, type Utterance } from './UtteranceCutter';

/** What is lost at most when a battery dies. */
const PIECE_MS = 2000;

/** For so long the last utterance is waited for; a thread of sound that stands still gives none. */
const LAST_WORD_MS = 300;

/** The first that the browser can write. */
const KINDS = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4'];

/** Held by the browser while a page records; whoever finds it free knows that the recording has ended. */
export const lockOf = (sound: string): string => `pasada-sound-${sound}`;

interface Heard {
    level: (level: number) => void;
    /** It ended by itself: why, and what to do. */
    ended: (why: string) => void;
    /** Something new waits to be sent. */
    kept: () => void;
}

export interface RecordedWalk {
    attempt: string;
    user: number;
    recorder: string;
    nowMs: () => number;
    /** Whether utterances are to be heard while the walk goes on. */
    isHeard: boolean;
    /** Of who rehearses alone, utterances are heard and no sound is kept; missing in a walk. */
    student?: number | undefined;
}

const reasons: Record<string, string> = {
    NotAllowedError: 'The browser may not use the microphone. Allow it beside the address, then press Record again.',
    NotFoundError: 'There is no microphone. Connect one, then press Record again.',
    NotReadableError: 'Another program holds the microphone. Close it there, then press Record again.',
};

/** Records a walk on this device: everything is kept here first, and sent by the SoundSender. */
export class Recorder {
    #db = new SoundDb();
    #stream: MediaStream | undefined;
    #media: MediaRecorder | undefined;
    #context: AudioContext | undefined;
    #cutter: AudioWorkletNode | undefined;
    #position = 0;
    #writing: Promise<unknown> = Promise.resolve();
    #free: () => void = () => undefined;
    #cut: () => void = () => undefined;

    constructor(
        private readonly walk: RecordedWalk,
        private readonly heard: Heard,
    ) {}

    static isThere(): boolean {
        return 'mediaDevices' in navigator && 'MediaRecorder' in window && 'locks' in navigator;
    }

    /** @throws Error with words for people */
    async start(): Promise<void> {
        const kind = KINDS.find((one) => MediaRecorder.isTypeSupported(one));
        if (kind === undefined) throw new Error('This browser cannot record sound. Use another browser for it.');
        try {
            this.#stream = await navigator.mediaDevices.getUserMedia({ audio: { channelCount: 1 } });
        } catch (error) {
            const name = error instanceof DOMException ? error.name : '';
            throw new Error(reasons[name] ?? 'The microphone cannot be used now. Try again.', { cause: error });
        }
        for (const track of this.#stream.getTracks()) {
            track.onended = () => this.#over('The microphone was taken away: a call, or the permission. Record again.');
        }
        if (this.walk.student === undefined) await this.#begin(this.#stream, kind);
        await this.#listen(this.#stream).catch(() => undefined);
    }

    async #begin(stream: MediaStream, kind: string): Promise<void> {
        const id = v7();
        await this.#hold(id);
        await this.#db.sounds.add({
            id,
            attempt: this.walk.attempt,
            user: this.walk.user,
            recorder: this.walk.recorder,
            from_ms: this.walk.nowMs(),
            kind,
            sent: 0,
            refused: '',
        });
        this.#keep(stream, id, kind);
    }

    pause(paused: boolean): void {
        if (paused && this.#media?.state === 'recording') {
            this.#media.pause();
            this.#cutter?.port.postMessage('end');
            void this.#context?.suspend();
        } else if (!paused && this.#media?.state === 'paused') {
            this.#media.resume();
            void this.#context?.resume();
        }
    }

    /** Resolves when all of it is on the device. */
    async stop(): Promise<void> {
        const media = this.#media;
        this.#media = undefined;
        await this.#lastWord();
        if (media !== undefined && media.state !== 'inactive') {
            const stopped = new Promise((resolve) => media.addEventListener('stop', resolve));
            media.stop();
            await stopped;
        }
        for (const track of this.#stream?.getTracks() ?? []) track.stop();
        this.#stream = undefined;
        void this.#context?.close();
        await this.#writing;
        this.#free();
        this.heard.kept();
    }

    #lastWord(): Promise<void> {
        return new Promise((cut) => {
            this.#cut = cut;
            setTimeout(cut, this.#cutter === undefined ? 0 : LAST_WORD_MS);
            this.#cutter?.port.postMessage('end');
        });
    }

    #hold(id: string): Promise<void> {
        return new Promise((held) => {
            void navigator.locks.request(lockOf(id), () => {
                held();
                return new Promise<void>((free) => (this.#free = free));
            });
        });
    }

    #keep(stream: MediaStream, sound: string, kind: string): void {
        const media = new MediaRecorder(stream, { mimeType: kind });
        media.ondataavailable = ({ data }) => {
            if (data.size === 0) return;
            const position = this.#position++;
            this.#write(async () => this.#db.pieces.add({ sound, position, bytes: await data.arrayBuffer() }));
        };
        media.onerror = () => this.#over('The recording stopped: the browser could not go on. Record again.');
        media.start(PIECE_MS);
        this.#media = media;
    }

    async #listen(stream: MediaStream): Promise<void> {
        const context = new AudioContext({ sampleRate: RATE });
        this.#context = context;
        await context.audioWorklet.addModule(cutterUrl);
        const cutter = new AudioWorkletNode(context, 'utterance-cutter', { numberOfOutputs: 0 });
        cutter.port.onmessage = ({ data }: MessageEvent<{ level?: number; said?: Utterance; ended?: true }>) => {
            if (data.level !== undefined) this.heard.level(data.level);
            if (data.said !== undefined && this.walk.isHeard) this.#utter(data.said);
            if (data.ended === true) this.#cut();
        };
        context.createMediaStreamSource(stream).connect(cutter);
        this.#cutter = cutter;
    }

    #utter({ samples, agoMs }: Utterance): void {
        const { attempt, user, recorder, student } = this.walk;
        const from_ms = Math.max(0, this.walk.nowMs() - agoMs);
        this.#write(() =>
            this.#db.utterances.add({
                ...{ id: v7(), attempt, user, recorder, from_ms, bytes: samples.buffer },
                ...(student === undefined ? {} : { student }),
            }),
        );
    }

    /** One after the other, so that no piece comes before an earlier one. */
    #write(add: () => PromiseLike<unknown>): void {
        this.#writing = this.#writing.then(add).then(this.heard.kept, () => {
            this.#over(
                'This device has no room for more sound; marks are kept as before. Free some, then record again.',
            );
        });
    }

    #over(why: string): void {
        if (this.#stream === undefined) return;
        this.heard.ended(why);
        void this.stop();
    }
}
