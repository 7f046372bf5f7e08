import { ApiProblem, isPassing, Unreachable } from '@/shared/api/client';
import { Device } from '@/shared/outbox/Device';
import { Outbox, type Mark, type OutboxState } from '@/shared/outbox/Outbox';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { mark } from './made';

let walks = 0;

describe('the outbox', () => {
    let attempt: string;
    let states: OutboxState[];
    let confirmed: string[];
    let server: (recorder: string, marks: Mark[]) => Promise<string>;
    let sent: { recorder: string; ids: string[] }[];
    const open: Outbox<string>[] = [];
    const outbox = (recorder = 'page', user = 1, before = (): Promise<void> => Promise.resolve()): Outbox<string> => {
        const made = new Outbox<string>(attempt, user, recorder, {
            send: (from, marks) => {
                sent.push({ recorder: from, ids: marks.map(({ id }) => id) });
                return server(from, marks);
            },
            before,
            watched: () => false,
            state: (state) => void states.push(state),
            confirmed: (ids) => void confirmed.push(...ids),
        });
        open.push(made);
        return made;
    };
    const last = (): OutboxState | undefined => states.at(-1);
    const until = (state: OutboxState['state']): Promise<void> =>
        vi.waitFor(() => expect(last()?.state).toBe(state), 3000);

    beforeEach(() => {
        attempt = `walk-${++walks}`;
        [states, confirmed, sent] = [[], [], []];
        server = () => Promise.resolve('sheet');
    });
    afterEach(() => open.splice(0).forEach((one) => one.stop()));

    it('keeps marks on the device before anything else', async () => {
        const box = outbox();
        const [one, two] = [mark('heard_whole'), mark('heard_whole')];
        await box.keep(one, two);
        expect([(await box.waiting()).map(({ id }) => id), sent]).toEqual([[one.id, two.id], []]);
    });

    it('sends in the order of making and drops what the server confirmed', async () => {
        const box = outbox();
        const marks = Array.from({ length: 5 }, () => mark('heard_whole'));
        for (const one of marks) await box.keep(one);
        box.nudge();
        await until('sent');
        expect([sent.flatMap(({ ids }) => ids), confirmed, await box.waiting()]).toEqual([
            marks.map(({ id }) => id),
            marks.map(({ id }) => id),
            [],
        ]);
    });

    it('counts what is marked while the server is away', async () => {
        server = () => Promise.reject(new Unreachable());
        const box = outbox();
        await box.keep(mark('heard_whole'));
        box.nudge();
        await until('kept');
        await box.keep(mark('heard_whole'), mark('heard_whole'));
        expect(last()).toMatchObject({ state: 'kept', waiting: 3 });
    });

    it('sends the end of a walk at once', async () => {
        await outbox().keep(mark('finished'));
        await until('sent');
        expect(sent).toHaveLength(1);
    });

    it('sends what an earlier page left under the name of that page', async () => {
        await outbox('page before the reload').keep(mark('heard_whole'));
        const box = outbox('page after it');
        await box.keep(mark('heard_whole'));
        box.nudge();
        await until('sent');
        expect(sent.map(({ recorder }) => recorder)).toEqual(['page before the reload', 'page after it']);
    });

    it('never sends what another user of the tablet marked', async () => {
        await outbox('page', 1).keep(mark('heard_whole'));
        const other = outbox('page', 2);
        other.nudge();
        await until('sent');
        expect([sent, await other.waiting()]).toEqual([[], []]);
    });

    it.each([
        [401, 'signed_out'],
        [403, 'refused'],
        [404, 'refused'],
        [409, 'refused'],
        [422, 'refused'],
    ] as const)('keeps everything and waits for somebody at %i', async (status, state) => {
        const type = status === 401 ? '/problems/signed-out' : '/problems/other';
        server = () => Promise.reject(new ApiProblem(status, 'no', [], type));
        const box = outbox();
        await box.keep(mark('heard_whole'));
        box.nudge();
        await until(state);
        expect([sent.length, (await box.waiting()).length]).toEqual([1, 1]);
    });

    it.each([
        ['away', new Unreachable()],
        ['out of order', new ApiProblem(500, 'out')],
        ['asked too often', new ApiProblem(429, 'slowly', [], '/problems/too-many')],
        ['holding an old token', new ApiProblem(419, 'expired', [], '/problems/page-expired')],
    ])('goes on by itself when the server was %s', async (_, error) => {
        server = () => Promise.reject(error);
        const box = outbox();
        await box.keep(mark('heard_whole'));
        box.nudge();
        await until('kept');
        server = () => Promise.resolve('sheet');
        box.nudge();
        await until('sent');
        expect(confirmed).toHaveLength(1);
    });

    it('sends nothing before the attempt itself is there', async () => {
        let isThere = false;
        const box = outbox('page', 1, () => (isThere ? Promise.resolve() : Promise.reject(new Unreachable())));
        await box.keep(mark('heard_whole'));
        box.nudge();
        await until('kept');
        expect(sent).toEqual([]);
        isThere = true;
        box.nudge();
        await until('sent');
    });

    it('says when the device keeps nothing, and passes the failure on', async () => {
        const box = outbox();
        const one = mark('heard_whole');
        await box.keep(one);
        await expect(box.keep(one)).rejects.toThrow();
        expect(last()).toMatchObject({ state: 'unkept', waiting: 1 });
    });

    it('takes no more than a few hundred marks in one request', async () => {
        const box = outbox();
        await box.keep(...Array.from({ length: 450 }, () => mark('heard_whole')));
        box.nudge();
        await until('sent');
        expect(sent.map(({ ids }) => ids.length)).toEqual([400, 50]);
    });

    it('sends nothing more once it was stopped', async () => {
        const box = outbox();
        box.stop();
        await box.keep(mark('heard_whole'));
        box.nudge();
        await new Promise((done) => setTimeout(done, 30));
        expect(sent).toEqual([]);
    });
});

describe('a failure', () => {
    it.each([
        [new Unreachable(), true],
        [new TypeError('x'), true],
        [new ApiProblem(500, ''), true],
        [new ApiProblem(503, ''), true],
        [new ApiProblem(419, '', [], '/problems/page-expired'), true],
        [new ApiProblem(429, '', [], '/problems/too-many'), true],
        [new ApiProblem(400, ''), false],
        [new ApiProblem(401, ''), false],
        [new ApiProblem(403, ''), false],
        [new ApiProblem(422, ''), false],
    ])('%o passes: %s', (error, passes) => {
        expect(isPassing(error)).toBe(passes);
    });
});

describe('what a device keeps for a time without network', () => {
    const away = (): Promise<string> => Promise.reject(new Unreachable());

    it('has the last answer when the server is away', async () => {
        const device = new Device(1);
        expect(await device.fresh('choices', () => Promise.resolve('monday'))).toBe('monday');
        expect(await device.fresh('choices', () => Promise.resolve('tuesday'))).toBe('tuesday');
        expect(await device.fresh('choices', away)).toBe('tuesday');
    });

    it('has none for another user, nor for what was never asked', async () => {
        await new Device(3).fresh('list', () => Promise.resolve('mine'));
        await expect(new Device(4).fresh('list', away)).rejects.toBeInstanceOf(Unreachable);
        await expect(new Device(3).fresh('other', away)).rejects.toBeInstanceOf(Unreachable);
    });

    it('does not hide a refusal behind an old answer', async () => {
        const device = new Device(5);
        await device.fresh('list', () => Promise.resolve('old'));
        const refused = new ApiProblem(403, 'no');
        await expect(device.fresh('list', () => Promise.reject(refused))).rejects.toBe(refused);
    });

    it('knows which starts and marks of this user were not sent', async () => {
        const [mine, other] = [new Device(8), new Device(9)];
        await mine.keepStart({ id: 'w1', body: {} as never });
        await other.keepStart({ id: 'w2', body: {} as never });
        expect([await mine.unsent(), (await mine.start('w2')) === undefined]).toEqual([
            [{ id: 'w1', marks: 0, student: '' }],
            true,
        ]);
        await mine.dropStart('w1');
        expect(await mine.unsent()).toEqual([]);
    });

    it('keeps a half-entered paper sheet through a sign-out, and nothing that names somebody', async () => {
        localStorage.setItem('pasada-paper-5', '{"sheet":{"cab.horn":"whole"}}');
        localStorage.setItem('pasada-cab-5', '{}');
        await new Device(5).forget();
        expect([localStorage.getItem('pasada-paper-5'), localStorage.getItem('pasada-cab-5')]).toEqual([
            '{"sheet":{"cab.horn":"whole"}}',
            null,
        ]);
    });
});
