import type { Bench, Entry, Observation } from '@/shared/brakes/api';
import { leftOver } from '@/features/brakes/benchLog';
import { useBench, type OpenBench } from '@/features/brakes/useBench';
import { ApiProblem, Unreachable } from '@/shared/api/client';
import { OutboxDb } from '@/shared/outbox/OutboxDb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { settle } from './made';

const api = vi.hoisted(() => ({ readBench: vi.fn(), sendEntries: vi.fn(), importBench: vi.fn() }));
const scoring = vi.hoisted(() => ({ sendMarks: vi.fn() }));
vi.mock('@/shared/brakes/api', () => api);
vi.mock('@/shared/attempt/api', () => scoring);
vi.mock('@/shared/session/useSession', () => ({ useSession: () => ({ user: { value: { id: 7 } } }) }));

const answered = (log: Entry[] = [], steps: object[] = []): Bench => {
    const gone = new Set(log.map(({ undoes }) => undoes));
    const seen = log.filter(({ kind }) => kind !== undefined);
    const events = seen.filter(({ id }) => !gone.has(id));
    return { steps, events, taken_back: seen.filter(({ id }) => gone.has(id)), standing: 'open' } as unknown as Bench;
};
const seen = (at_ms: number, event: Partial<Observation>): Observation => ({
    id: `event-${at_ms}`,
    kind: 'key',
    at_ms,
    ...event,
});
let attempts = 0;

describe('the brake bench', () => {
    let scope: EffectScope;
    let on: OpenBench;
    let id: string;
    let log: Entry[];
    const open = async (steps: object[] = []): Promise<void> => {
        api.readBench.mockImplementation(() => Promise.resolve(answered(log, steps)));
        scope = effectScope();
        on = scope.run(() => useBench(id)) as OpenBench;
        await on.open({ sheet: { duration_ms: 0, finished: false } } as never);
    };
    const bare = (events: readonly Entry[]): object[] =>
        events.map((event) =>
            Object.fromEntries(Object.entries(event).filter(([key]) => !['id', 'walk_ms'].includes(key))),
        );

    beforeEach(() => {
        vi.useFakeTimers({ now: 1_000_000 });
        id = `attempt-${++attempts}`;
        log = [];
        api.sendEntries.mockReset().mockImplementation((_, entries: Entry[]) => {
            log.push(...entries.filter((one) => !log.some((known) => known.id === one.id)));
            return Promise.resolve(answered(log));
        });
        api.importBench.mockReset();
        scoring.sendMarks.mockReset().mockResolvedValue({});
    });
    afterEach(() => {
        scope.stop();
        vi.useRealTimers();
    });

    it('counts from the first thing seen, by a real clock', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        vi.setSystemTime(1_060_000);
        on.record({ kind: 'engine', to: 'on' });
        expect(on.events.value.map(({ at_ms }) => at_ms)).toEqual([0, 60_000]);
        await vi.advanceTimersByTimeAsync(10);
        expect(on.sent.value).toBe(true);
    });

    it('puts a reading that is told afterwards where it belongs, before what came later', async () => {
        await open();
        on.record({ kind: 'minute-started' });
        vi.setSystemTime(1_060_000);
        on.record({ kind: 'minute-ended' });
        on.recordAt(0, { kind: 'reading', primary: 120, secondary: 119 });
        expect(on.events.value.map(({ kind }) => kind)).toEqual(['minute-started', 'reading', 'minute-ended']);
    });

    it('keeps what is seen while the server is away, and sends it all when it is back', async () => {
        await open();
        api.sendEntries.mockRejectedValueOnce(new Unreachable());
        on.record({ kind: 'key', to: 'on' });
        await settle();
        expect([on.sent.value, on.why.value]).toEqual([false, new Unreachable().message]);
        await vi.advanceTimersByTimeAsync(4000);
        expect([on.sent.value, on.why.value, log]).toEqual([true, '', on.events.value]);
    });

    it('tries again after a stumble of the server, and not after a refusal', async () => {
        await open();
        for (const [error, calls] of [
            [new ApiProblem(503, 'out'), 2],
            [new ApiProblem(422, 'no'), 3],
        ] as const) {
            api.sendEntries.mockRejectedValueOnce(error);
            on.record({ kind: 'key', to: 'on' });
            await vi.advanceTimersByTimeAsync(9000);
            expect(api.sendEntries).toHaveBeenCalledTimes(calls);
        }
    });

    it('sends what came in while it was sending', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        on.record({ kind: 'belt', to: 'on' });
        await vi.advanceTimersByTimeAsync(10);
        expect([log, on.sent.value]).toEqual([on.events.value, true]);
    });

    it('keeps what is taken back beside what stands', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        on.record({ kind: 'belt', to: 'on' });
        on.takeBack(0);
        on.undo();
        on.undo();
        await vi.advanceTimersByTimeAsync(10);
        expect([on.events.value, answered(log).taken_back.length]).toEqual([[], 2]);
    });

    it('has the reading with both ends of the minute, and what is lost between', async () => {
        await open();
        on.primary.value = 121;
        on.toggleMinute();
        vi.setSystemTime(1_030_000);
        on.primary.value = 118;
        await vi.advanceTimersByTimeAsync(100);
        expect(on.minute.value).toMatchObject({ running: true, lost: 3 });
        vi.setSystemTime(1_060_000);
        on.toggleMinute();
        expect(on.events.value.map(({ kind, primary }) => [kind, primary])).toEqual([
            ['reading', 121],
            ['minute-started', undefined],
            ['reading', 118],
            ['minute-ended', undefined],
        ]);
        expect(on.minute.value).toMatchObject({ running: false, ms: 60_000 });
    });

    it('has no minute before the first, nor after a new beginning', async () => {
        await open();
        expect(on.minute.value).toBeUndefined();
        on.toggleMinute();
        on.record({ kind: 'restarted' });
        expect(on.minute.value).toBeUndefined();
    });

    it('opens with what the server has, and the needles as they were read last', async () => {
        log = [seen(0, { kind: 'reading', primary: 96, secondary: 94 })];
        await open();
        expect([on.primary.value, on.secondary.value, on.events.value.length, on.stateOf('key')]).toEqual([
            96,
            94,
            1,
            undefined,
        ]);
    });

    it('takes in a list from outside', async () => {
        await open();
        const taken = [seen(5000, { to: 'on' })];
        api.importBench.mockResolvedValue(answered(taken));
        await on.takeIn('yard.csv', 'at_ms,kind');
        expect([on.events.value, on.sent.value, on.why.value]).toEqual([taken, true, '']);
    });

    it('takes in nothing while something is only on this device', async () => {
        await open();
        api.sendEntries.mockRejectedValue(new Unreachable());
        on.record({ kind: 'key', to: 'on' });
        await on.takeIn('yard.csv', 'at_ms,kind');
        await settle();
        await on.takeIn('yard.csv', 'at_ms,kind');
        expect([api.importBench.mock.calls.length, on.events.value.length, on.why.value]).toEqual([
            0,
            1,
            new Unreachable().message,
        ]);
    });

    it('says what is wrong with a list and keeps what was there', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        await settle();
        api.importBench.mockRejectedValue(new ApiProblem(422, 'line 2, kind'));
        await on.takeIn('yard.csv', 'at_ms,kind');
        expect([on.why.value, on.events.value.length]).toEqual(['line 2, kind', 1]);
    });

    it('puts the marks of judged steps on the device, timed in the walk, for the scoring screen to send', async () => {
        const marks = [
            { kind: 'heard_whole', item: 'test.governor', at_ms: 481_000 },
            { kind: 'said_wrong', item: 'test.leak_applied', at_ms: 480_000 },
        ];
        await open([{ marks }, { marks: [] }]);
        vi.useRealTimers();
        await on.toSheet();
        const rows = await new OutboxDb().waiting.where({ attempt: id, user: 7 }).toArray();
        expect(rows.map(({ mark }) => [mark.item, mark.at_ms])).toEqual([
            ['test.leak_applied', 480_000],
            ['test.governor', 481_000],
        ]);
        expect(scoring.sendMarks).not.toHaveBeenCalled();
    });

    it('tells the time in the walk with what is seen, and another device sees it', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        await vi.advanceTimersByTimeAsync(10);
        const [first] = log;
        scope.stop();
        log.push(seen(9000, { kind: 'belt', to: 'on' }));
        await open();
        expect([first?.walk_ms, bare(on.events.value)]).toEqual([
            0,
            bare([{ id: '', at_ms: 0, kind: 'key', to: 'on' }, seen(9000, { kind: 'belt', to: 'on' })]),
        ]);
    });

    it('sends what a page from before events had ids has left, and nothing twice', () => {
        const old = {
            events: [
                { at_ms: 0, kind: 'key', to: 'on' },
                { at_ms: 5, kind: 'restarted' },
            ],
            sent: false,
        };
        const left = (text: object | null): Entry[] =>
            leftOver(text === null ? null : JSON.stringify(text), [seen(0, { to: 'on' })], () => 'new');
        expect([left(old), left({ ...old, sent: true }), left(null)]).toEqual([
            [{ id: 'new', at_ms: 5, kind: 'restarted' }],
            [],
            [],
        ]);
    });
});
