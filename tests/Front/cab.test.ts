import { ApiProblem, Unreachable } from '@/shared/api/client';
import type { AirCourse, AirRequest, Control, Practiced } from '@/features/cab/api';
import { gaugesAt, toldAt } from '@/features/cab/coursePlayer';
import type { KeptCab } from '@/features/cab/keptCab';
import { useCab, type Cab } from '@/features/cab/useCab';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { settle } from './made';

const api = vi.hoisted(() => ({ askCourse: vi.fn(), judgePractice: vi.fn() }));
vi.mock('@/features/cab/api', () => api);
vi.mock('@vueuse/core', async (actual) => ({
    ...(await actual<object>()),
    useRafFn: (frame: () => void) => (frames = frame),
}));
let frames: () => void;

const course = (more: Partial<AirCourse> = {}): AirCourse => ({
    samples: [],
    events: [],
    states: {},
    refused: [],
    ...more,
});
const popped = (at_ms: number, to: string): Control => ({ at_ms, kind: 'popped', to });

describe('the needles', () => {
    const rising = course({
        samples: [
            [0, 100, 90, 1],
            [1000, 110, 94, 0],
            [2000, 110, 98, 0],
        ],
    });

    it.each([
        ['at a sample', 1000, 110, 94, false],
        ['between two', 500, 105, 92, true],
        ['near the next', 1750, 110, 97, false],
        ['after the last', 9000, 110, 98, false],
    ])('%s', (_, ms, primary, secondary, warning) => {
        expect(gaugesAt(rising, ms, 0)).toEqual({ primary, secondary, warning });
    });

    it('stand where the truck was left until the course is known', () => {
        expect(gaugesAt(course(), 500, 95)).toEqual({ primary: 95, secondary: 95, warning: false });
    });

    it.each([
        ['before it happens', 900, ''],
        ['when it happens', 1000, 'The trailer valve pops out.'],
        ['a while after', 4500, 'The trailer valve pops out.'],
        ['long after', 4501, ''],
    ])('what happens is told %s', (_, ms, words) => {
        expect(toldAt(course({ events: [popped(1000, 'trailer')] }), ms)).toBe(words);
    });

    it('tells the last of several, and nothing of what the eye sees on the lamp', () => {
        const events: Control[] = [
            popped(0, 'tractor'),
            { at_ms: 10, kind: 'tug', to: 'moved' },
            { at_ms: 20, kind: 'warning' },
        ];
        expect(toldAt(course({ events }), 30)).toBe('It moves.');
    });
});

describe('the cab', () => {
    let scope: EffectScope;
    let kept: Control[];
    let ended: number;
    const answers: { resolve: (course: AirCourse) => void; reject: (why: unknown) => void; body: AirRequest }[] = [];
    const climb = (controls: Control[] = [], help: KeptCab['choice']['help'] = 'alone', began = Date.now()): Cab => {
        const choice = {
            vehicle: { id: 1 },
            sequence: { id: 2, steps: [], restarts: 1 },
            faults: '',
            startPsi: 95,
            help,
            suspects: [],
        };
        scope = effectScope();
        return scope.run(() =>
            useCab(
                { choice, began, controls } as unknown as KeptCab,
                (now) => void (kept = now),
                () => void ended++,
            ),
        ) as Cab;
    };
    const answer = async (with_: Partial<AirCourse> = {}): Promise<void> => {
        await settle();
        answers.shift()?.resolve(course(with_));
        await settle();
    };

    beforeEach(() => {
        vi.useFakeTimers({ now: 1_000_000 });
        kept = [];
        ended = 0;
        answers.length = 0;
        api.askCourse
            .mockReset()
            .mockImplementation(
                (body: AirRequest) => new Promise((resolve, reject) => answers.push({ resolve, reject, body })),
            );
        api.judgePractice.mockReset().mockResolvedValue({ steps: [], standing: 'open' } as unknown as Practiced);
    });
    afterEach(() => {
        scope.stop();
        vi.useRealTimers();
    });

    it('keeps every control on the device before it asks', async () => {
        const cab = climb();
        vi.advanceTimersByTime(1200);
        cab.touch({ kind: 'key', to: 'on' });
        expect(kept).toEqual([{ kind: 'key', to: 'on', at_ms: 1200 }]);
        await answer();
    });

    it('shows a control at once where it was put, and then where the server has it', async () => {
        const cab = climb();
        await answer();
        cab.touch({ kind: 'engine', to: 'on' });
        expect(cab.stateOf('engine', 'off')).toBe('on');
        await answer({
            states: { engine: 'off' },
            refused: [{ control: 0, why: 'The engine does not turn: key on first.' }],
        });
        expect([cab.stateOf('engine', 'off'), cab.told.value]).toEqual([
            'off',
            'The engine does not turn: key on first.',
        ]);
    });

    it('asks one question at a time, and the last one with all that was touched meanwhile', async () => {
        const cab = climb();
        for (let n = 0; n < 5; n++) cab.touch({ kind: 'pedal', to: n % 2 === 0 ? 'down' : 'up' });
        await settle();
        expect(answers).toHaveLength(1);
        await answer();
        expect(answers.map(({ body }) => body.controls)).toEqual([kept]);
        await answer({ states: { pedal: 'down' } });
        expect([answers.length, api.askCourse.mock.calls.length, cab.stateOf('pedal', 'up')]).toEqual([0, 2, 'down']);
    });

    it('lets a valve come out when its moment comes, and not before', async () => {
        const cab = climb([{ at_ms: 0, kind: 'tractor-valve', to: 'in' }]);
        await answer({
            states: { 'tractor-valve': 'in', 'trailer-valve': 'in' },
            events: [popped(500, 'trailer'), popped(900, 'tractor')],
        });
        const both = (): string[] => [cab.stateOf('tractor-valve', 'out'), cab.stateOf('trailer-valve', 'out')];
        const at = (ms: number): string[] => {
            vi.setSystemTime(1_000_000 + ms);
            frames();
            return both();
        };
        expect([at(400), at(600), at(900)]).toEqual([
            ['in', 'in'],
            ['in', 'out'],
            ['out', 'out'],
        ]);
    });

    it('asks again before the course ends', async () => {
        climb();
        await answer({ samples: [[90_000, 95, 95, 0]] });
        vi.setSystemTime(1_059_000);
        frames();
        await settle();
        expect(answers).toHaveLength(0);
        vi.setSystemTime(1_061_000);
        frames();
        await settle();
        expect(answers).toHaveLength(1);
    });

    it.each([
        ['the server is away', new Unreachable(), 1],
        ['the server stumbles', new ApiProblem(500, 'out'), 1],
        ['it was refused for a reason', new ApiProblem(422, 'no such vehicle'), 0],
    ])('asks again in a while or not where %s, and says what is wrong', async (_, error, again) => {
        const cab = climb();
        await settle();
        answers.shift()?.reject(error);
        await settle();
        expect(cab.why.value).toBe((error as Error).message);
        vi.advanceTimersByTime(2000);
        await settle();
        expect(answers).toHaveLength(again);
        if (again === 1) {
            await answer();
            expect(cab.why.value).toBe('');
        }
    });

    it('never runs backwards with the clock of the device', () => {
        const cab = climb();
        vi.setSystemTime(1_005_000);
        cab.touch({ kind: 'belt', to: 'on' });
        vi.setSystemTime(900_000);
        cab.touch({ kind: 'belt', to: 'off' });
        expect(kept.map(({ at_ms }) => at_ms)).toEqual([5000, 5000]);
    });

    it('has a minute that runs from its start to its end, or to a new beginning', () => {
        const cab = climb();
        const after = (kind: Control['kind']): number | undefined => {
            cab.touch({ kind });
            return cab.minute.value;
        };
        expect([after('minute-started'), after('minute-ended'), after('minute-started'), after('restarted')]).toEqual([
            0,
            undefined,
            0,
            undefined,
        ]);
        expect(cab.restarts.value).toBe(1);
    });

    it('asks for guidance once the hands rest, and only where it was wanted', async () => {
        const cab = climb([], 'guided');
        expect(api.judgePractice).toHaveBeenCalledTimes(1);
        cab.touch({ kind: 'key', to: 'on' });
        cab.touch({ kind: 'key', to: 'off' });
        await vi.advanceTimersByTimeAsync(400);
        expect(api.judgePractice).toHaveBeenCalledTimes(2);
        scope.stop();
        climb([], 'exam').touch({ kind: 'key', to: 'on' });
        await vi.advanceTimersByTimeAsync(1000);
        expect(api.judgePractice).toHaveBeenCalledTimes(2);
    });

    it('is judged once, kept, and over', async () => {
        const cab = climb();
        cab.touch({ kind: 'key', to: 'on' });
        await Promise.all([cab.finish(), cab.finish()]);
        await cab.finish();
        expect([api.judgePractice.mock.calls.length, ended]).toEqual([1, 1]);
        expect(api.judgePractice.mock.calls[0]?.[0]).toMatchObject({ keep: true, controls: kept });
        const before = kept;
        cab.touch({ kind: 'key', to: 'off' });
        expect(kept).toBe(before);
    });

    it('is not over when it could not be judged', async () => {
        const cab = climb();
        api.judgePractice.mockRejectedValueOnce(new Unreachable());
        await cab.finish();
        expect([cab.judged.value, ended, cab.judging.value]).toEqual([undefined, 0, false]);
        await cab.finish();
        expect(ended).toBe(1);
    });

    it('takes no control after half an hour', () => {
        const cab = climb([], 'alone', Date.now() - 1_800_000);
        cab.touch({ kind: 'key', to: 'on' });
        expect([cab.over.value, kept]).toEqual([true, []]);
    });
});
