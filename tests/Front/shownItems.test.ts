import type { Mark } from '@/shared/outbox/Outbox';
import { placeTallies } from '@/shared/attempt/placeTallies';
import { shownItems } from '@/shared/attempt/shownItems';
import { describe, expect, it } from 'vitest';
import { item, mark, place, points, sheet } from './made';

const drum = item('drum', { essential: points('intact', 'mounted'), further: points('clean') });
const hose = item('hose', { essential: points('sealed') });
const places = [place('brakes', [drum, hose]), place('bench', [item('leak')], { section: 'tests' })];
const stateAfter = (marks: Mark[], of = 'drum', before = sheet()): string | undefined =>
    shownItems(places, before, marks).get(of)?.state;

describe('what the screen shows before the server has answered', () => {
    it.each([
        ['complete', [mark('heard_whole', { item: 'drum' })], 'whole'],
        ['one point of three', [mark('points_heard', { item: 'drum', points: ['intact'] })], 'partial'],
        ['named only', [mark('points_heard', { item: 'drum', points: [] })], 'partial'],
        [
            'every point by and by',
            [
                mark('points_heard', { item: 'drum', points: ['intact', 'mounted'] }),
                mark('points_heard', { item: 'drum', points: ['clean'] }),
            ],
            'whole',
        ],
        ['said in part', [mark('heard_in_part', { item: 'drum' })], 'partial'],
        ['said wrong', [mark('said_wrong', { item: 'drum', points: ['intact'] })], 'wrong'],
        ['not equipped', [mark('not_fitted', { item: 'drum' })], 'not_fitted'],
        [
            'the whole item taken back',
            [
                mark('heard_whole', { item: 'drum' }),
                mark('points_taken_back', { item: 'drum', points: ['identified'] }),
            ],
            'not_reached',
        ],
        [
            'a point taken back',
            [mark('heard_whole', { item: 'drum' }), mark('points_taken_back', { item: 'drum', points: ['clean'] })],
            'partial',
        ],
        ['the same as another axle', [mark('carried_over', { place: 'brakes', from: 'steer' })], 'carried'],
        [
            'the same except this one',
            [mark('carried_over', { place: 'brakes', from: 'steer', except: ['drum'] })],
            undefined,
        ],
        ['a mark of something else', [mark('note', { text: 'wind' })], undefined],
        ['an item that is not asked', [mark('heard_whole', { item: 'horn' })], undefined],
    ])('%s', (_, marks, state) => {
        expect(stateAfter(marks)).toBe(state);
    });

    it.each([
        ['nobody told which points', [mark('heard_in_part', { item: 'drum' })], true],
        [
            'a point was told',
            [mark('heard_in_part', { item: 'drum' }), mark('points_heard', { item: 'drum', points: ['clean'] })],
            false,
        ],
        [
            'it was named and no more',
            [mark('heard_in_part', { item: 'drum' }), mark('points_heard', { item: 'drum', points: [] })],
            false,
        ],
        [
            'a point was known before',
            [mark('points_heard', { item: 'drum', points: ['clean'] }), mark('heard_in_part', { item: 'drum' })],
            false,
        ],
    ])('leaves the points of what was said in part open until they are told: %s', (_, marks, isOpen) => {
        expect(shownItems(places, sheet(), marks).get('drum')?.pointsOpen).toBe(isOpen);
    });

    it('puts a wrong point right when it is heard', () => {
        const shown = shownItems(places, sheet(), [
            mark('said_wrong', { item: 'drum', points: ['intact'] }),
            mark('points_heard', { item: 'drum', points: ['intact'] }),
        ]).get('drum');
        expect([shown?.state, [...(shown?.wrong ?? [])], shown?.waiting]).toEqual(['partial', [], true]);
    });

    it('lays the marks over what the server said, and carries over no item that was heard', () => {
        const before = sheet([
            { item: 'drum', status: 'partial', heard: ['intact'] },
            { item: 'hose', status: 'missed' },
        ]);
        const carried = [mark('carried_over', { place: 'brakes', from: 'steer' })];
        expect([stateAfter(carried, 'drum', before), stateAfter(carried, 'hose', before)]).toEqual([
            'partial',
            'carried',
        ]);
        expect(shownItems(places, before, []).get('drum')?.waiting).toBe(false);
    });

    it('forgets what was undone, and remembers it when the undo is undone', () => {
        const heard = mark('heard_whole', { item: 'drum' });
        const undo = mark('undo', { undoes: heard.id });
        const redo = mark('undo', { undoes: undo.id });
        expect(stateAfter([heard, undo])).toBeUndefined();
        expect(stateAfter([heard, undo, redo])).toBe('whole');
    });

    it('knows a defect as soon as it is planted, and changes nothing else by it', () => {
        const marks = [
            mark('heard_whole', { item: 'drum' }),
            mark('defect_planted', { item: 'drum', text: 'cracked' }),
        ];
        const shown = shownItems(places, sheet(), marks).get('drum');
        expect([shown?.state, shown?.defect, shown?.waiting]).toEqual(['whole', 'cracked', true]);
    });

    it('begins a section again, and no other', () => {
        const marks = [
            mark('heard_whole', { item: 'leak' }),
            mark('heard_whole', { item: 'drum' }),
            mark('restarted', { section: 'tests' }),
        ];
        expect([stateAfter(marks, 'leak'), stateAfter(marks, 'drum')]).toEqual(['not_reached', 'whole']);
    });
});

describe('how far a place is', () => {
    it.each([
        ['nothing said', [], { asked: 2, said: 0, part: 0 }],
        ['one whole', [mark('heard_whole', { item: 'drum' })], { asked: 2, said: 1, part: 0 }],
        [
            'one in part and one waved',
            [mark('points_heard', { item: 'drum', points: ['intact'] }), mark('not_fitted', { item: 'hose' })],
            { asked: 2, said: 2, part: 1 },
        ],
        ['one wrong', [mark('said_wrong', { item: 'drum', points: ['intact'] })], { asked: 2, said: 1, part: 1 }],
    ])('%s', (_, marks, tally) => {
        expect(placeTallies(places, shownItems(places, sheet(), marks)).get('brakes')).toEqual(tally);
    });
});
