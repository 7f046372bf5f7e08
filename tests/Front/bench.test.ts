import type { Bench, BrakeEvent } from '@/features/brakes/api';
import { useBench, type OpenBench } from '@/features/brakes/useBench';
import { ApiProblem, Unreachable } from '@/shared/api/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { settle } from './made';

const api = vi.hoisted(() => ({ readBench: vi.fn(), keepBench: vi.fn(), importBench: vi.fn() }));
const scoring = vi.hoisted(() => ({ sendMarks: vi.fn() }));
vi.mock('@/features/brakes/api', () => api);
vi.mock('@/features/scoring/api', () => scoring);
vi.mock('@/features/session/useSession', () => ({ useSession: () => ({ user: { value: { id: 7 } } }) }));

const answered = (events: BrakeEvent[] = [], takenBack: BrakeEvent[] = [], steps: object[] = []): Bench =>
    ({ steps, events, taken_back: takenBack, standing: 'open' }) as unknown as Bench;
let attempts = 0;

describe('the brake bench', () => {
    let scope: EffectScope;
    let on: OpenBench;
    let id: string;
    const open = async (server = answered()): Promise<void> => {
        api.readBench.mockResolvedValue(server);
        scope = effectScope();
        on = scope.run(() => useBench(id)) as OpenBench;
        await on.open();
    };

    beforeEach(() => {
        vi.useFakeTimers({ now: 1_000_000 });
        id = `attempt-${++attempts}`;
        api.keepBench
            .mockReset()
            .mockImplementation((_, events: BrakeEvent[], back: BrakeEvent[]) =>
                Promise.resolve(answered(events, back)),
            );
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

    it('keeps what is seen while the server is away, and sends it all when it is back', async () => {
        await open();
        api.keepBench.mockRejectedValueOnce(new Unreachable());
        on.record({ kind: 'key', to: 'on' });
        await settle();
        expect([on.sent.value, on.why.value]).toEqual([false, new Unreachable().message]);
        await vi.advanceTimersByTimeAsync(4000);
        expect([on.sent.value, on.why.value, api.keepBench.mock.calls.at(-1)?.[1]]).toEqual([
            true,
            '',
            on.events.value,
        ]);
    });

    it('tries again after a stumble of the server, and not after a refusal', async () => {
        await open();
        for (const [error, calls] of [
            [new ApiProblem(503, 'out'), 2],
            [new ApiProblem(422, 'no'), 3],
        ] as const) {
            api.keepBench.mockRejectedValueOnce(error);
            on.record({ kind: 'key', to: 'on' });
            await vi.advanceTimersByTimeAsync(9000);
            expect(api.keepBench).toHaveBeenCalledTimes(calls);
        }
    });

    it('sends what came in while it was sending', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        on.record({ kind: 'belt', to: 'on' });
        await vi.advanceTimersByTimeAsync(10);
        expect([api.keepBench.mock.calls.at(-1)?.[1], on.sent.value]).toEqual([on.events.value, true]);
    });

    it('keeps what is taken back beside what stands', async () => {
        await open();
        on.record({ kind: 'key', to: 'on' });
        on.record({ kind: 'belt', to: 'on' });
        on.takeBack(0);
        on.undo();
        on.undo();
        await vi.advanceTimersByTimeAsync(10);
        expect([on.events.value, api.keepBench.mock.calls.at(-1)?.[2]?.length]).toEqual([[], 2]);
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
        await open(answered([{ at_ms: 0, kind: 'reading', primary: 96, secondary: 94 }]));
        expect([on.primary.value, on.secondary.value, on.events.value.length, on.stateOf('key')]).toEqual([
            96,
            94,
            1,
            undefined,
        ]);
    });

    it('takes in a list from outside', async () => {
        await open();
        const taken: BrakeEvent[] = [{ at_ms: 5000, kind: 'key', to: 'on' }];
        api.importBench.mockResolvedValue(answered(taken, [{ at_ms: 0, kind: 'restarted' }]));
        await on.takeIn('yard.csv', 'at_ms,kind');
        expect([on.events.value, on.sent.value, on.why.value]).toEqual([taken, true, '']);
    });

    it('takes in nothing while something is only on this device', async () => {
        await open();
        api.keepBench.mockRejectedValue(new Unreachable());
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

    it('puts the marks of the judged steps on the sheet, and nothing where there are none', async () => {
        await open(answered([], [], [{ marks: [{ kind: 'heard_whole', item: 'test.governor' }] }, { marks: [] }]));
        await on.toSheet();
        expect(scoring.sendMarks.mock.calls[0]?.[2]).toMatchObject([
            { kind: 'heard_whole', item: 'test.governor', at_ms: 0 },
        ]);
        scope.stop();
        await open();
        await on.toSheet();
        expect(scoring.sendMarks).toHaveBeenCalledTimes(1);
    });
});
