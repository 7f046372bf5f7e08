import { fromMs, type Sound, type Told } from '@/shared/sound/play/useWalkSound';
import { RATE, UtteranceCutter, type Utterance } from '@/shared/sound/UtteranceCutter';
import { describe, expect, it } from 'vitest';

/** What is cut of stretches of sound: milliseconds, and how loud (0 to 1). */
function cutOf(...stretches: [number, number][]): Utterance[] {
    const cut: Utterance[] = [];
    const cutter = new UtteranceCutter((one) => cut.push(one));
    for (const [lasts, loud] of stretches) {
        // Speech is never even: it dips between syllables.
        const dips = (n: number): number => (loud > 0.1 ? 0.52 + 0.48 * Math.sin((2 * Math.PI * n) / (RATE / 4)) : 1);
        const samples = Float32Array.from(
            { length: (lasts * RATE) / 1000 },
            (_, n) => loud * dips(n) * Math.sin(n / 3),
        );
        // As a browser hands it over.
        for (let at = 0; at < samples.length; at += 128) cutter.hear(samples.subarray(at, at + 128));
    }
    cutter.end();
    return cut;
}

describe('the sound of a microphone', () => {
    it.each([
        ['silence', [[2000, 0]], 0],
        [
            'two sentences',
            [
                [500, 0.001],
                [900, 0.3],
                [600, 0.001],
                [900, 0.3],
                [600, 0.001],
            ],
            2,
        ],
        [
            'a breath',
            [
                [500, 0.001],
                [900, 0.3],
                [200, 0.001],
                [900, 0.3],
                [600, 0.001],
            ],
            1,
        ],
        [
            'a click',
            [
                [500, 0.001],
                [60, 0.5],
                [900, 0.001],
            ],
            0,
        ],
        [
            'an engine that runs, and a voice above it',
            [
                [4000, 0.02],
                [900, 0.3],
                [800, 0.02],
                [900, 0.3],
            ],
            2,
        ],
    ] as [string, [number, number][], number][])('is cut at its pauses: %s', (_, stretches, count) => {
        expect(cutOf(...stretches)).toHaveLength(count);
    });

    it('is cut after ten seconds at the latest, and nothing of it is lost', () => {
        const cut = cutOf([500, 0.001], [25_000, 0.3], [600, 0.001]);
        const lasts = cut.map(({ samples }) => samples.length / (RATE / 1000));
        expect(Math.max(...lasts)).toBeLessThanOrEqual(10_000);
        expect(lasts.reduce((sum, one) => sum + one, 0)).toBeGreaterThanOrEqual(25_000);
    });

    it('keeps a little of what was before a word, so that its beginning is heard', () => {
        const [said] = cutOf([500, 0.001], [900, 0.3], [600, 0.001]);
        expect(said?.samples.length).toBeGreaterThan((RATE * 1000) / 1000);
        expect(said?.agoMs).toBe((said?.samples.length ?? 0) / (RATE / 1000));
        expect(Math.max(...(said?.samples ?? []))).toBeGreaterThan(9000);
    });
});

describe('where an item is heard', () => {
    const told: Told = {
        sheet: {
            outcomes: [
                { item: 'said', first_at_ms: 90_000 },
                { item: 'marked', first_at_ms: 60_000 },
                { item: 'missed', first_at_ms: null },
            ],
        },
        inspection: { places: [{ id: 'cab', items: [{ id: 'missed' }] }] },
        visits: [{ place: 'cab', from_ms: 40_000 }],
    };
    const sounds = [{ said: [{ item: 'said', at_ms: [12_000, 80_000] }] }] as Sound[];

    it.each([
        ['said', 10_000],
        ['marked', 56_000],
        ['missed', 40_000],
        ['nowhere', undefined],
    ])('%s', (item, at) => {
        expect(fromMs(item, sounds, told)).toBe(at);
    });
});
