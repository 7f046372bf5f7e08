import type { CaptionSource, LivePiece } from './CaptionSource';

/** Letters that sound alike: what a recognizer mixes up. */
const SWAPS: [string, string][] = [
    ['c', 'k'],
    ['t', 'd'],
    ['p', 'b'],
    ['s', 'z'],
    ['v', 'f'],
    ['ea', 'ee'],
    ['a', 'u'],
    ['g', 'k'],
];

/** The same numbers for the same seed, so that what is seen once can be seen again. */
function chanceOf(seed: number): () => number {
    let state = seed;
    return () => {
        state = (state * 1664525 + 1013904223) % 4294967296;
        return state / 4294967296;
    };
}

/** A recognizer that is none: it speaks a made-up script at a chosen speed and mishears a chosen share of it. */
export class StandIn implements CaptionSource {
    readonly name = 'Stand-in, speaks a made-up walk';
    #timer: ReturnType<typeof setTimeout> | undefined;

    constructor(
        private readonly script: string[],
        private readonly wordsPerMinute: number,
        private readonly errorPercent: number,
        private readonly chance: () => number = chanceOf(7),
    ) {}

    start(hear: (piece: LivePiece) => void): void {
        const pause = 60_000 / this.wordsPerMinute;
        let sentence = 0;
        let said: string[] = [];
        const next = (): void => {
            const words = this.script[sentence]?.split(' ');
            if (words === undefined) return;
            const word = words[said.length];
            if (word === undefined) {
                hear({ text: said.join(' '), final: true });
                said = [];
                sentence++;
            } else {
                said = [...said, this.misheard(word)];
                hear({ text: said.join(' '), final: false });
            }
            this.#timer = setTimeout(next, pause);
        };
        next();
    }

    stop(): void {
        clearTimeout(this.#timer);
    }

    private misheard(word: string): string {
        if (word.length < 4 || this.chance() * 100 >= this.errorPercent) return word;
        const [from, to] = SWAPS[Math.floor(this.chance() * SWAPS.length)] ?? ['c', 'k'];
        const at = word.indexOf(from, 1);
        if (at > 0) return word.slice(0, at) + to + word.slice(at + from.length);
        const middle = Math.floor(word.length / 2);
        return word.length > 6 ? `${word.slice(0, middle)} ${word.slice(middle)}` : word;
    }
}
