import { ApiProblem, Unreachable } from '@/shared/api/client';
import { Delivery, type Delivered, type DeliveryState } from '@/shared/outbox/Delivery';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { settle } from './made';

describe('a delivery', () => {
    let waiting: string[];
    let sent: string[][];
    let states: string[];
    let server: (batch: string[]) => Promise<string>;
    let open: Delivery<string, string>[];
    const delivery = (more: Partial<Delivered<string, string>> = {}): Delivery<string, string> => {
        const made = new Delivery<string, string>({
            waiting: () => waiting,
            send: (batch) => {
                sent.push(batch);
                return server(batch);
            },
            confirmed: (batch) => void (waiting = waiting.filter((one) => !batch.includes(one))),
            state: ({ state }: DeliveryState) => void states.push(state),
            ...more,
        });
        open.push(made);
        return made;
    };

    beforeEach(() => {
        vi.useFakeTimers({ now: 0 });
        [waiting, sent, states, open] = [[], [], [], []];
        server = () => Promise.resolve('ok');
    });
    afterEach(() => {
        open.forEach((one) => one.stop());
        vi.useRealTimers();
        vi.restoreAllMocks();
    });

    it('resolves a flush when all is sent', async () => {
        waiting = ['a', 'b'];
        await delivery().flush();
        expect([waiting, sent, states]).toEqual([[], [['a', 'b']], ['sending', 'sent']]);
    });

    it('resolves a flush when nothing waits', async () => {
        await delivery().flush();
        expect([sent, states]).toEqual([[], ['sent']]);
    });

    it.each([
        ['the server is away', new Unreachable(), 'kept'],
        ['the server says no', new ApiProblem(422, 'no'), 'refused'],
        ['nobody is signed in', new ApiProblem(401, 'who?', [], '/problems/signed-out'), 'signed_out'],
    ])('resolves a flush and keeps what waits where %s', async (_, error, state) => {
        waiting = ['a'];
        server = () => Promise.reject(error);
        await delivery().flush();
        expect([waiting, states.at(-1)]).toEqual([['a'], state]);
    });

    it('leaves nobody waiting who flushes one that has stopped', async () => {
        waiting = ['a'];
        server = () => new Promise(() => undefined);
        const one = delivery();
        const flushed = one.flush();
        one.stop();
        await Promise.all([flushed, one.flush()]);
        expect(waiting).toEqual(['a']);
    });

    it.each([
        ['as long as it is told', 5000, () => 5000],
        ['for three seconds', 3000, undefined],
    ])('gathers what comes without a rest %s', async (_, ms, gatherMs) => {
        const one = delivery({ restMs: () => 1200, ...(gatherMs === undefined ? {} : { gatherMs }) });
        for (let at = 0; sent.length === 0 && at < 9000; at += 500) {
            waiting.push(String(at));
            one.soon();
            await vi.advanceTimersByTimeAsync(500);
        }
        expect([Date.now(), sent.length]).toEqual([ms, 1]);
    });

    it('comes again at another moment than pages that were sent away together with it', async () => {
        waiting = ['a'];
        server = () => Promise.reject(new Unreachable());
        const at: number[] = [];
        const chance = vi.spyOn(Math, 'random');
        for (const one of [0, 0.25, 0.75, 0.999]) {
            chance.mockReturnValue(one);
            const page = delivery();
            await page.flush();
            const [before, from] = [sent.length, Date.now()];
            while (sent.length === before && Date.now() - from < 5000) await vi.advanceTimersByTimeAsync(1);
            at.push(Date.now() - from);
            page.stop();
        }
        expect(at).toEqual([500, 750, 1250, 1499]);
    });

    it('tries again by itself, after longer and longer, while the server is away', async () => {
        vi.spyOn(Math, 'random').mockReturnValue(0.5);
        waiting = ['a'];
        server = () => Promise.reject(new Unreachable());
        await delivery().flush();
        const tries: number[] = [];
        for (let second = 1; second <= 40; second++) {
            await vi.advanceTimersByTimeAsync(1000);
            if (sent.length > tries.length + 1) tries.push(second);
        }
        expect(tries).toEqual([1, 3, 7, 12, 17, 22, 27, 32, 37]);
    });

    it('sends one request at a time, and then what came meanwhile', async () => {
        waiting = ['a'];
        const answers: ((now: string) => void)[] = [];
        server = () => new Promise((resolve) => answers.push(resolve));
        const one = delivery();
        one.nudge();
        await settle();
        waiting = ['a', 'b'];
        one.nudge();
        await settle();
        expect(sent).toEqual([['a']]);
        answers.shift()?.('ok');
        await settle();
        expect(sent).toEqual([['a'], ['b']]);
    });

    it('rests until it is quiet, but not for ever', async () => {
        const one = delivery({ restMs: () => 1000 });
        for (let at = 0; at < 2900; at += 500) {
            waiting = [...waiting, `at ${at}`];
            one.soon();
            await vi.advanceTimersByTimeAsync(500);
        }
        await vi.advanceTimersByTimeAsync(100);
        expect(sent.map((batch) => batch.length)).toEqual([6]);
    });
});
