import type { CaptionSource, LivePiece } from './CaptionSource';

/** The part of the browsers' speech recognition that is used here; TypeScript's own library leaves it out. */
interface Recognition {
    lang: string;
    continuous: boolean;
    interimResults: boolean;
    onresult:
        | ((event: {
              resultIndex: number;
              results: ArrayLike<{ isFinal: boolean; 0: { transcript: string } }>;
          }) => void)
        | null;
    onerror: ((event: { error: string }) => void) | null;
    onend: (() => void) | null;
    start(): void;
    stop(): void;
}

type Maker = new () => Recognition;

const maker = (): Maker | undefined => {
    const all = window as unknown as { SpeechRecognition?: Maker; webkitSpeechRecognition?: Maker };
    return all.SpeechRecognition ?? all.webkitSpeechRecognition;
};

const reasons: Record<string, string> = {
    'not-allowed': 'The browser was not allowed to use the microphone. Allow it beside the address, then start again.',
    'audio-capture': 'There is no microphone. Connect one, then start again.',
    network: 'The browser’s recognizer needs the network and cannot reach it. Mark by hand until it is back.',
};

/** The recognizer that some browsers bring along. Where the words are worked out is the browser's affair. */
export class BrowserEar implements CaptionSource {
    readonly name = 'Microphone, by this browser';
    #recognition: Recognition | undefined;

    static isThere(): boolean {
        return maker() !== undefined;
    }

    start(hear: (piece: LivePiece) => void, fail: (why: string) => void): void {
        const Make = maker();
        if (Make === undefined) {
            fail('This browser cannot listen. Add the captions afterwards, or use another browser.');
            return;
        }
        const recognition = new Make();
        this.#recognition = recognition;
        recognition.lang = 'en-US';
        recognition.continuous = true;
        recognition.interimResults = true;
        recognition.onresult = ({ resultIndex, results }) => {
            for (let n = resultIndex; n < results.length; n++) {
                const result = results[n];
                if (result !== undefined) hear({ text: result[0].transcript.trim(), final: result.isFinal });
            }
        };
        recognition.onerror = ({ error }) => {
            if (error !== 'no-speech') fail(reasons[error] ?? `The recognizer stopped: ${error}.`);
        };
        // It ends by itself after a silence; a walk has many.
        recognition.onend = () => {
            if (this.#recognition === recognition) recognition.start();
        };
        recognition.start();
    }

    stop(): void {
        const recognition = this.#recognition;
        this.#recognition = undefined;
        recognition?.stop();
    }
}
