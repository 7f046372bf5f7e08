import type { Caption, Suggestion } from '@/shared/speech/api';
import { draftsOf, marksOf, marksWith, pointsProposed, wrongFiguresOf } from '@/shared/speech/marksOf';
import { piecesOf } from '@/shared/speech/pieces';
import { scriptOf } from '@/shared/speech/script';
import type { CaptionSource, LivePiece } from '@/shared/speech/sources/CaptionSource';
import { StandIn } from '@/shared/speech/sources/StandIn';
import { useCaptions } from '@/shared/speech/useCaptions';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { item, place, points, suggestion } from './made';

describe('the words with what was found in them', () => {
    const captions = [{ text: 'my radiator is mounted' }, { text: 'and not leaking' }] as Caption[];
    const found = (key: string, evidence: object[]): Suggestion =>
        suggestion({ key, evidence: evidence as Suggestion['evidence'] });

    it('is the text, whole and in order, however it is cut', () => {
        const pieces = piecesOf(captions, [
            found('a', [{ from_cue: 0, from: 3, to_cue: 1, to: 15 }]),
            found('b', [{ from_cue: 0, from: 3, to_cue: 0, to: 11 }]),
        ]);
        expect(pieces.map((caption) => caption.map(({ text }) => text).join(''))).toEqual(
            captions.map(({ text }) => text),
        );
    });

    it('tells for each piece whose evidence it is', () => {
        const pieces = piecesOf(captions, [
            found('a', [{ from_cue: 0, from: 3, to_cue: 1, to: 3 }]),
            found('b', [{ from_cue: 0, from: 3, to_cue: 0, to: 11 }]),
        ]);
        expect(pieces).toEqual([
            [
                { text: 'my ', keys: [] },
                { text: 'radiator', keys: ['a', 'b'] },
                { text: ' is mounted', keys: ['a'] },
            ],
            [
                { text: 'and', keys: ['a'] },
                { text: ' not leaking', keys: [] },
            ],
        ]);
    });

    it('makes nothing to press of what stands between words', () => {
        const captions = [{ from_ms: 0, text: 'tight, dry' }];
        const over = found('a', [
            { from_cue: 0, from: 0, to_cue: 0, to: 10 },
            { from_cue: 0, from: 5, to_cue: 0, to: 7 },
        ]);
        expect(piecesOf(captions, [over])[0]?.map(({ text, keys }) => [text, keys.length])).toEqual([
            ['tight', 1],
            [', ', 0],
            ['dry', 1],
        ]);
    });

    it('leaves captions without evidence in one piece', () => {
        expect(piecesOf(captions, [])).toEqual(captions.map(({ text }) => [{ text, keys: [] }]));
    });
});

describe('accepting a proposal', () => {
    const evidence = { text: 'radiator is mounted', from_ms: 900 };
    const proposed = suggestion({
        marks: [
            { at_ms: 900, kind: 'heard_whole', item: 'engine.radiator', evidence },
        ] as unknown as Suggestion['marks'],
    });

    it('makes the marks that the server laid out, each with an id of its own', () => {
        const [one] = marksOf(proposed);
        const [again] = marksOf(proposed);
        expect(one).toMatchObject({ at_ms: 900, kind: 'heard_whole', item: 'engine.radiator', evidence });
        expect(one?.id).not.toBe(again?.id);
    });

    it('takes the points that the scorer chose, with the time and the words', () => {
        expect(marksWith(proposed, 'engine.radiator', ['mounted'])).toMatchObject([
            { at_ms: 900, kind: 'points_heard', item: 'engine.radiator', points: ['mounted'], evidence },
        ]);
    });

    it('makes nothing of a proposal with nothing to mark', () => {
        expect(marksWith(suggestion({ marks: [] }), 'engine.radiator', ['mounted'])).toEqual([]);
    });

    it('gives the words to another part, where they are about that', () => {
        expect(marksWith(proposed, 'engine.coolant', ['mounted'])).toMatchObject([
            { at_ms: 900, kind: 'points_heard', item: 'engine.coolant', points: ['mounted'], evidence },
        ]);
    });

    it('keeps a figure that was said with a chosen point, so that a wrong one stays wrong', () => {
        const marks = [
            { at_ms: 900, kind: 'points_heard', item: 'tire', points: ['even'] },
            { at_ms: 900, kind: 'figure_heard', item: 'tire', points: ['depth'], value: 2 },
        ];
        const heard = suggestion({ item: 'tire', marks: marks as never });
        expect(marksWith(heard, 'tire', ['depth', 'inflation'])).toMatchObject([
            { kind: 'points_heard', item: 'tire', points: ['inflation'] },
            { kind: 'figure_heard', item: 'tire', points: ['depth'], value: 2 },
        ]);
        expect(marksWith(heard, 'tire', ['even'])).toMatchObject([{ kind: 'points_heard', points: ['even'] }]);
        expect(marksWith(heard, 'belt', ['depth'])).toMatchObject([{ kind: 'points_heard', points: ['depth'] }]);
    });

    it.each<[string, object, string[]]>([
        ['a figure that is accepted', { kind: 'figure_heard', points: ['depth'], value: 4 }, []],
        [
            'one that is not',
            { kind: 'figure_heard', points: ['depth'], value: 2 },
            ['Wrong figure: 2 was said; it is at least 4/32 in. It will be marked as wrong.'],
        ],
        ['no figure', { kind: 'points_heard', points: ['depth'] }, []],
        ['a figure of a point without limits', { kind: 'figure_heard', points: ['rod_play'], value: 9 }, []],
    ])('flags %s', (_, mark, flags) => {
        const tire = item('tire', {
            figures: [{ point: 'depth', said: 'at least 4/32 in', accepted: [{ low: 4, high: 99 }] }] as never,
        });
        expect(wrongFiguresOf(suggestion({ marks: [mark] as never }), tire)).toEqual(flags);
    });

    it('shows all points of a part that was heard whole', () => {
        const radiator = item('engine.radiator', { essential: points('mounted', 'sealed') });
        expect([...pointsProposed(proposed, radiator)]).toEqual(['identified', 'mounted', 'sealed']);
    });

    it('leaves the time to the screen while the walk goes on', () => {
        expect(draftsOf(proposed)).toEqual([{ kind: 'heard_whole', item: 'engine.radiator', evidence }]);
    });
});

describe('the stand-in voice', () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());
    const speak = (script: string[], errorPercent = 0, chance?: () => number): LivePiece[] => {
        const heard: LivePiece[] = [];
        new StandIn(script, 600, errorPercent, chance).start((piece) => heard.push(piece));
        vi.runAllTimers();
        return heard;
    };

    it('speaks word by word, and each sentence to its end', () => {
        expect(speak(['tight bolts', 'none']).map(({ text, final }) => `${final ? '!' : ''}${text}`)).toEqual([
            'tight',
            'tight bolts',
            '!tight bolts',
            'none',
            '!none',
        ]);
    });

    it('keeps to its speed and stops when it is told to', () => {
        const heard: LivePiece[] = [];
        const voice = new StandIn(['a b c d e f'], 60, 0);
        voice.start((piece) => heard.push(piece));
        vi.advanceTimersByTime(2000);
        voice.stop();
        vi.advanceTimersByTime(9000);
        expect(heard).toHaveLength(3);
    });

    it('mishears by sound, the same for the same chance, and never at nought percent', () => {
        const script = ['the brake chamber is secure and the tread is even'];
        const final = (pieces: LivePiece[]): string => pieces.at(-1)?.text ?? '';
        expect(final(speak(script, 100))).toBe(final(speak(script, 100)));
        expect(final(speak(script, 100))).not.toBe(script[0]);
        expect(final(speak(script, 0))).toBe(script[0]);
    });

    it('has an invented script for every item that is fitted from a place on', () => {
        const places = [
            place('a', [item('x', { name: 'Oil, level' })]),
            place('b', [
                item('y', { name: 'Hose', essential: points('sealed'), further: points('mounted', 'clean') }),
                item('z', { name: 'Horn', fitted: false }),
            ]),
        ];
        expect(scriptOf(places, 'b')).toEqual(['my hose is is sealed and is mounted']);
        expect(scriptOf(places, 'nowhere')).toHaveLength(2);
    });
});

describe('a source of captions', () => {
    class Source implements CaptionSource {
        readonly name = 'made';
        stopped = 0;
        hear: (piece: LivePiece) => void = () => undefined;
        fail: (why: string) => void = () => undefined;
        start(hear: (piece: LivePiece) => void, fail: (why: string) => void): void {
            this.hear = hear;
            this.fail = fail;
        }
        stop(): void {
            this.stopped++;
        }
    }
    const scope = effectScope();
    let heard: string[] = [];
    const captions = scope.run(() => useCaptions((text) => heard.push(text))) as ReturnType<typeof useCaptions>;
    beforeEach(() => void (heard = []));

    it('hands on what was said to its end, and nothing before', () => {
        const source = new Source();
        captions.listen(source);
        source.hear({ text: 'the ar', final: false });
        source.hear({ text: 'the area is clear', final: true });
        expect(heard).toEqual(['the area is clear']);
    });

    it('stops the one before when another is listened to', () => {
        const [one, two] = [new Source(), new Source()];
        captions.listen(one);
        captions.listen(two);
        expect([one.stopped, two.stopped]).toEqual([1, 0]);
    });

    it('says why it stopped, and forgets it when it listens again', () => {
        const source = new Source();
        captions.listen(source);
        source.fail('There is no microphone.');
        expect([captions.why.value, captions.source.value, source.stopped]).toEqual([
            'There is no microphone.',
            undefined,
            1,
        ]);
        captions.listen(new Source());
        expect(captions.why.value).toBe('');
    });

    it('stops when its screen is left', () => {
        const source = new Source();
        captions.listen(source);
        scope.stop();
        expect(source.stopped).toBe(1);
    });
});
