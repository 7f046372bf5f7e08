import { UtteranceCutter } from './UtteranceCutter';

/* Runs beside the page, on the thread of the sound: scoring waits for nothing here. */

declare class AudioWorkletProcessor {
    readonly port: MessagePort;
}
declare function registerProcessor(name: string, made: new () => AudioWorkletProcessor): void;

/** Frames of 128 samples between two messages of how loud it is. */
const TOLD_EVERY = 25;

registerProcessor(
    'utterance-cutter',
    class extends AudioWorkletProcessor {
        #count = 0;
        #cutter = new UtteranceCutter((said) => this.port.postMessage({ said }, [said.samples.buffer]));

        constructor() {
            super();
            this.port.onmessage = () => {
                this.#cutter.end();
                this.port.postMessage({ ended: true });
            };
        }

        process([input]: Float32Array[][]): boolean {
            if (input?.[0] !== undefined) this.#cutter.hear(input[0]);
            if (++this.#count % TOLD_EVERY === 0) this.port.postMessage({ level: this.#cutter.level });
            return true;
        }
    },
);
