import type { Attempt, Place, PointCode } from '@/shared/attempt/api';
import { keepingWords } from '@/features/scoring/keepingWords';
import { markMaker } from '@/shared/attempt/markMaker';
import { markWords } from '@/shared/attempt/markWords';
import { namesIn } from '@/shared/attempt/namesIn';
import { keyOf, pointKeyOf, pointOf, tileOf } from '@/features/scoring/tileKeys';
import type { Draft } from '@/shared/attempt/useAttempt';
import type { Mark, OutboxState } from '@/shared/outbox/Outbox';
import { beforeEach, describe, expect, it } from 'vitest';
import { shallowRef } from 'vue';
import { item, mark, place, sheet } from './made';

const drum = item('brake.drum@drive-1', { name: 'Brake drum' });
const hose = item('brake.hose', { name: 'Brake hose' });
const brakes = place('drive-brakes', [drum], { axles: [2, 3] as unknown as Place['axles'] });
const wheels = place('drive-wheels', [], { axles: [2, 3] as unknown as Place['axles'] });
const front = place('front', []);

describe('what one tap records', () => {
    let recorded: { label: string; marks: Draft[]; move: unknown }[] = [];
    const walk = {
        attempt: shallowRef({ inspection: { places: [front, brakes, wheels] } } as unknown as Attempt),
        sheet: shallowRef(sheet([], { current_place: 'front' })),
        waiting: shallowRef<Mark[]>([]),
        place: shallowRef<string | undefined>('front'),
        record: (label: string, marks: Draft[], move?: unknown): string[] => {
            recorded.push({ label, marks, move });
            return [];
        },
    };
    const make = markMaker(walk as unknown as Parameters<typeof markMaker>[0]);
    beforeEach(() => {
        recorded = [];
        walk.sheet.value = sheet([], { current_place: 'front' });
        walk.waiting.value = [];
        walk.place.value = 'front';
    });
    const kinds = (): string[] => recorded.flatMap(({ marks }) => marks.map(({ kind }) => kind));

    it.each<[string, () => void, string, Draft[]]>([
        ['one item', () => make.hearWhole(drum), 'Brake drum', [{ kind: 'heard_whole', item: drum.id }]],
        [
            'a burst as one action',
            () => make.hearWhole(drum, hose),
            '2 items',
            [
                { kind: 'heard_whole', item: drum.id },
                { kind: 'heard_whole', item: hose.id },
            ],
        ],
        [
            'one side',
            () => make.hearSide(drum, 'left'),
            'Brake drum, left side',
            [{ kind: 'heard_whole', item: drum.id, side: 'left' }],
        ],
        [
            'points',
            () => make.hearPoints(hose, ['sealed' as PointCode]),
            'Brake hose',
            [{ kind: 'points_heard', item: hose.id, points: ['sealed'] }],
        ],
        [
            'a figure',
            () => make.hearFigure(hose, 'reading' as PointCode, 4),
            'Brake hose: 4',
            [{ kind: 'figure_heard', item: hose.id, points: ['reading'], value: 4 }],
        ],
        [
            'said wrong',
            () => make.sayWrong(hose, [], ''),
            'Brake hose said wrong',
            [{ kind: 'said_wrong', item: hose.id, points: [] }],
        ],
        [
            'said wrong in these words',
            () => make.sayWrong(hose, [], 'two'),
            'Brake hose said wrong',
            [{ kind: 'said_wrong', item: hose.id, points: [], text: 'two' }],
        ],
        [
            'said wrong of one side',
            () => make.sayWrong(hose, ['sealed' as PointCode], undefined, 'right'),
            'Brake hose said wrong',
            [{ kind: 'said_wrong', item: hose.id, points: ['sealed'], side: 'right' }],
        ],
        [
            'taken back of one side',
            () => make.takeBack(hose, ['sealed' as PointCode], 'left'),
            'Brake hose taken back',
            [{ kind: 'points_taken_back', item: hose.id, points: ['sealed'], side: 'left' }],
        ],
        [
            'a figure of one side',
            () => make.hearFigure(hose, 'depth' as PointCode, 4, 'left'),
            'Brake hose: 4',
            [{ kind: 'figure_heard', item: hose.id, points: ['depth'], value: 4, side: 'left' }],
        ],
        [
            'a defect of one side',
            () => make.noticeDefect(hose, 'worn', 'left'),
            'Brake hose: defect noticed',
            [{ kind: 'defect_noticed', item: hose.id, text: 'worn', side: 'left' }],
        ],
        ['waved', () => make.wave(drum), 'Brake drum not equipped', [{ kind: 'not_fitted', item: drum.id }]],
        [
            'a defect',
            () => make.noticeDefect(drum, 'crack'),
            'Brake drum: defect noticed',
            [{ kind: 'defect_noticed', item: drum.id, text: 'crack' }],
        ],
        ['a pause without a reason', () => make.pause(''), 'pause', [{ kind: 'paused' }]],
        ['off topic', () => make.offList(true), 'off topic', [{ kind: 'off_list_began' }]],
        ['back on it', () => make.offList(false), 'back on topic', [{ kind: 'off_list_ended' }]],
        ['a note on an item', () => make.note('wind', drum), 'note', [{ kind: 'note', text: 'wind', item: drum.id }]],
        ['flagged for debrief', () => make.lookAgain(), 'flagged for debrief', [{ kind: 'look_again' }]],
    ])('%s', (_, act, label, marks) => {
        act();
        expect(recorded).toEqual([{ label, marks, move: undefined }]);
    });

    it('says where the walk began with the first mark, and only then', () => {
        walk.sheet.value = sheet();
        make.hearWhole(drum);
        expect(kinds()).toEqual(['place_entered', 'heard_whole']);
        walk.waiting.value = [mark('place_entered', { place: 'front' })];
        make.hearWhole(hose);
        expect(kinds()).toEqual(['place_entered', 'heard_whole', 'heard_whole']);
    });

    it('carries over every place that was meant', () => {
        make.carryOver([brakes, wheels], 'steer', 'steer axle', [drum.id]);
        make.carryOver([front], 'left', 'left side', []);
        expect(recorded.map(({ marks }) => marks.map(({ place: at }) => at))).toEqual([
            ['drive-brakes', 'drive-wheels'],
            ['front'],
        ]);
    });

    it('closes the place that is left and enters the next; staying is no move', () => {
        make.goTo('front');
        expect(recorded).toEqual([]);
        make.goTo('drive-brakes');
        expect([kinds(), walk.place.value, recorded[0]?.move]).toEqual([
            ['place_closed', 'place_entered'],
            'drive-brakes',
            { from: 'front', to: 'drive-brakes' },
        ]);
    });

    it('closes the last place when it is finished', () => {
        make.finish();
        expect(kinds()).toEqual(['place_closed', 'finished']);
    });
});

describe('a mark in words', () => {
    const names = namesIn([
        place(
            'p',
            [
                item(drum.id, { name: 'Brake drum', where: 'drive axle 1' }),
                item(hose.id, { name: 'Brake hose', where: '' }),
            ],
            { name: 'Drive brakes' },
        ),
    ]);

    it.each<[Partial<Mark> & { kind: Mark['kind'] }, string]>([
        [{ kind: 'heard_whole', item: drum.id }, 'Brake drum, drive axle 1: complete'],
        [{ kind: 'heard_whole', item: hose.id, side: 'right' }, 'Brake hose: complete, right side'],
        [{ kind: 'points_heard', item: hose.id, points: ['rubber_ok', 'sealed'] }, 'Brake hose: rubber ok, sealed'],
        [{ kind: 'points_heard', item: hose.id, points: [] }, 'Brake hose: named only'],
        [{ kind: 'heard_in_part', item: hose.id }, 'Brake hose: in part'],
        [{ kind: 'points_taken_back', item: hose.id, points: ['identified'] }, 'Brake hose: taken back'],
        [{ kind: 'points_taken_back', item: hose.id, points: ['sealed'] }, 'Brake hose: taken back sealed'],
        [{ kind: 'figure_heard', item: hose.id, points: ['depth'], value: 4 }, 'Brake hose: depth said as 4'],
        [{ kind: 'said_wrong', item: hose.id, points: ['depth'], text: 'two' }, 'Brake hose: depth said wrong (two)'],
        [
            { kind: 'carried_over', place: 'p', from: 'steer', except: ['a', 'b'] },
            'Drive brakes: the same as the steer, except 2',
        ],
        [{ kind: 'carried_over', place: 'p', from: 'steer' }, 'Drive brakes: the same as the steer'],
        [{ kind: 'place_entered', place: 'p' }, 'went to Drive brakes'],
        [{ kind: 'place_closed', place: 'q' }, 'left q'],
        [{ kind: 'not_fitted', item: 'unknown' }, 'unknown: not equipped'],
        [{ kind: 'defect_planted', item: hose.id, text: 'cut' }, 'Brake hose: defect planted, cut'],
        [{ kind: 'defect_noticed', item: hose.id, text: 'cut' }, 'Brake hose: defect noticed, cut'],
        [{ kind: 'restarted', section: 's' }, 'brake tests restarted'],
        [{ kind: 'paused', text: 'rain' }, 'paused: rain'],
        [{ kind: 'paused' }, 'paused'],
        [{ kind: 'resumed' }, 'went on'],
        [{ kind: 'off_list_began' }, 'off topic'],
        [{ kind: 'off_list_ended' }, 'back on topic'],
        [{ kind: 'note', text: 'loud' }, 'note: loud'],
        [{ kind: 'note', item: drum.id, text: 'loud' }, 'note on Brake drum, drive axle 1: loud'],
        [{ kind: 'look_again', item: hose.id }, 'flagged for debrief: Brake hose'],
        [{ kind: 'look_again' }, 'flagged for debrief'],
        [{ kind: 'finished' }, 'finished'],
        [{ kind: 'undo', undoes: 'x' }, 'taken back'],
    ])('%j', (made, words) => {
        expect(markWords(mark(made.kind, made), names)).toBe(words);
    });
});

describe('where the marks are, in words', () => {
    it.each<[OutboxState, string, string]>([
        [{ state: 'sent' }, 'all sent', 'fine'],
        [{ state: 'sending', waiting: 3 }, 'sending 3', 'fine'],
        [{ state: 'kept', waiting: 3, why: 'x' }, '3 kept here, no server', 'part'],
        [{ state: 'signed_out', waiting: 1, why: 'x' }, '1 kept here, signed out', 'part'],
        [{ state: 'refused', waiting: 2, why: 'x' }, '2 kept here, refused', 'lost'],
        [{ state: 'unkept', waiting: 2, why: 'x' }, 'this device keeps nothing', 'lost'],
    ])('%j', (state, word, tone) => {
        expect(keepingWords(state)).toEqual({ word, tone });
    });
});

describe('keys', () => {
    const press = (code: string, key: string, shiftKey = false): number | undefined =>
        tileOf({ code, key, shiftKey } as KeyboardEvent);

    it.each([
        [0, '1'],
        [8, '9'],
        [9, '0'],
        [10, '⇧1'],
        [19, '⇧0'],
        [20, ''],
    ])('item %i has the key "%s"', (index, key) => {
        expect(keyOf(index)).toBe(key);
    });

    it.each([
        ['a digit', 'Digit3', '3', false, 2],
        ['nought', 'Digit0', '0', false, 9],
        ['the pad', 'Numpad7', '7', false, 6],
        ['with Shift, whatever it sends then', 'Digit1', '!', true, 10],
        ['a board that names no code', '', '4', false, 3],
        ['a letter', 'KeyA', 'a', false, undefined],
        ['nothing', '', '', false, undefined],
    ])('%s', (_, code, key, shift, tile) => {
        expect(press(code, key, shift)).toBe(tile);
    });

    it('letters mark points there and back', () => {
        for (let n = 0; n < 26; n++) expect(pointOf(pointKeyOf(n))).toBe(n);
        expect([pointOf('A'), pointOf('ab'), pointOf('1')]).toEqual([-1, -1, -1]);
    });
});
