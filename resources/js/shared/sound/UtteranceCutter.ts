/** Samples a second of what is sent to be heard. */
export const RATE = 16_000;

const FRAME = RATE / 100;
/** What is this often louder than the quiet of the last seconds is speech. */
const ABOVE_QUIET = 3;
/** Below this nothing can be heard, of 1: the noise of a good microphone in a silent room. */
const SILENT = 0.0006;
/** Frames of 10 ms: a pause that parts utterances, what is kept before one, the least and the most of one. */
const PAUSE = 40;
const BEFORE = 20;
const LEAST = 25;
const LONGEST = 1000;
/**
 * The quiet is the least of the last seconds: speech dips to it between syllables, and an engine that came up is never
 * below itself. Frames of a stretch, and how many stretches are looked back.
 */
const STRETCH = 100;
const STRETCHES = 5;

export interface Utterance {
    /** 16 bit. */
    samples: Int16Array<ArrayBuffer>;
    /** How long ago it began, in milliseconds. */
    agoMs: number;
}

/**
 * Cuts what a microphone hears at its pauses, while it is heard: utterances of at most ten seconds. The server cuts the
 * whole recording anew, by its own rule (core, Loudness), when it knows all of it.
 */
export class UtteranceCutter {
    #frame = new Float32Array(FRAME);
    #filled = 0;
    #kept: Float32Array[] = [];
    /** The least of each stretch, the newest last. */
    #least: number[] = [];
    #frames = 0;
    #spoken = 0;
    #since = 0;
    level = 0;

    constructor(private readonly cut: (utterance: Utterance) => void) {}

    /** @param samples  -1 to 1, at 16 kHz */
    hear(samples: Float32Array): void {
        for (const sample of samples) {
            this.#frame[this.#filled++] = sample;
            if (this.#filled === FRAME) this.#take();
        }
    }

    /** What is being said is cut here: the recording pauses or ends. */
    end(): void {
        if (this.#spoken >= LEAST) this.#emit();
        this.#kept = [];
        this.#spoken = this.#since = 0;
    }

    #take(): void {
        const frame = this.#frame;
        this.#frame = new Float32Array(FRAME);
        this.#filled = 0;
        this.level = Math.sqrt(frame.reduce((sum, one) => sum + one * one, 0) / FRAME);
        if (this.#frames++ % STRETCH === 0) this.#least = [...this.#least, Infinity].slice(-STRETCHES);
        this.#least.push(Math.min(this.#least.pop() ?? Infinity, this.level));
        const isSpeech = this.level > Math.max(SILENT, Math.min(...this.#least) * ABOVE_QUIET);
        this.#kept.push(frame);
        if (isSpeech) {
            this.#spoken++;
            this.#since = 0;
        } else this.#since++;
        if (this.#spoken === 0) this.#kept = this.#kept.slice(-BEFORE);
        else if (this.#since >= PAUSE || this.#kept.length >= LONGEST) this.end();
    }

    #emit(): void {
        const samples = new Int16Array(this.#kept.length * FRAME);
        this.#kept.forEach((frame, n) => {
            frame.forEach((one, at) => {
                samples[n * FRAME + at] = Math.round(Math.max(-1, Math.min(1, one)) * 32767);
            });
        });
        this.cut({ samples, agoMs: this.#kept.length * 10 });
    }
}
