import './device';
import { Device } from '@/shared/outbox/Device';
import { SoundDb } from '@/shared/sound/SoundDb';
import { SoundSender } from '@/shared/sound/SoundSender';
import { lockOf } from '@/shared/sound/Recorder';
import { beforeEach, describe, expect, it, vi } from 'vitest';

const USER = 7;
let runs = 0;

interface Told {
    data?: object;
    error?: object;
    response: Response;
}
const told = (status: number, error?: object): Told => ({
    ...(error === undefined ? { data: {} } : { error }),
    response: new Response('{}', { status }),
});
const server = vi.hoisted(() => ({
    asked: [] as string[],
    answers: (() => Promise.resolve(undefined)) as (path: string) => Promise<unknown>,
}));
vi.mock('@/shared/api/client', async (original) => {
    const call = (
        path: string,
        { params }: { params: { path: Record<string, string | number> } },
    ): Promise<unknown> => {
        const filled = path.replace(/\{(\w+)\}/g, (_, name: string) => String(params.path[name]));
        const short = filled.replace('/attempts/walk/', '').replace(/sound-\d+/, 'S');
        server.asked.push(short);
        return server.answers(short);
    };
    return { ...(await original<object>()), api: { PUT: call, POST: call } };
});

describe('sound on its way to the server', () => {
    let sound: string;
    let held: Set<string>;
    const db = new SoundDb();

    /** A recording of so many pieces, as the recorder leaves it on the device. */
    async function recorded(pieces: number): Promise<void> {
        const of = { attempt: 'walk', user: USER, recorder: 'page', from_ms: 0 };
        await db.sounds.add({ ...of, id: sound, kind: 'audio/webm', sent: 0, refused: '' });
        for (let position = 0; position < pieces; position++) {
            await db.pieces.add({ sound, position, bytes: new TextEncoder().encode(`piece ${position}`).buffer });
        }
    }
    const left = async (): Promise<[number, number]> => [await db.sounds.count(), await db.pieces.count()];
    const sendAll = (): void => new SoundSender(USER).nudge();

    beforeEach(async () => {
        sound = `sound-${++runs}`;
        held = new Set();
        server.asked = [];
        await Promise.all([db.sounds.clear(), db.pieces.clear(), db.utterances.clear()]);
        server.answers = () => Promise.resolve(told(200));
        vi.stubGlobal('navigator', {
            locks: {
                request: (name: string, _: unknown, work: (lock: object | null) => unknown) =>
                    Promise.resolve(work(held.has(name) ? null : {})),
            },
        });
    });

    it('goes in order, each piece once, and leaves the device when all of it is there', async () => {
        await recorded(3);
        sendAll();
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
        expect(server.asked).toEqual([
            'sounds/S',
            'sounds/S/pieces/0',
            'sounds/S/pieces/1',
            'sounds/S/pieces/2',
            'sounds/S/end',
        ]);
    });

    it('waits for a walk that was started without network, and is not refused meanwhile', async () => {
        await recorded(2);
        const said = { id: 'said', attempt: 'walk', user: USER, recorder: 'page', from_ms: 5 };
        await db.utterances.add({ ...said, bytes: new ArrayBuffer(4) });
        const device = new Device(USER);
        await device.keepStart({ id: 'walk', body: { id: 'walk', student_id: 1, vehicle_id: 1, checklist_id: 1 } });
        const sender = new SoundSender(USER);
        await db.utterances.add({ ...said, id: 'other', attempt: 'known', bytes: new ArrayBuffer(4) });
        sender.nudge();
        await vi.waitFor(() => expect(server.asked).toEqual([expect.stringContaining('/utterances/other')]));
        expect([(await sender.waiting())[0]?.refused, await db.utterances.count()]).toEqual(['', 1]);
        await device.dropStart('walk');
        sender.nudge();
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
    });

    it('is not ended while a page still records', async () => {
        await recorded(2);
        held.add(lockOf(sound));
        sendAll();
        await vi.waitFor(async () => expect(await left()).toEqual([1, 0]));
        expect(server.asked).not.toContain('sounds/S/end');
    });

    it('goes on from the piece that was kept last when the server was away', async () => {
        await recorded(3);
        server.answers = (path) =>
            path.includes('/pieces/1') ? Promise.reject(new TypeError('away')) : Promise.resolve(told(200));
        sendAll();
        await vi.waitFor(() => expect(server.asked).toContain('sounds/S/pieces/1'));
        expect(await left()).toEqual([1, 2]);
        server.asked = [];
        server.answers = () => Promise.resolve(told(200));
        sendAll();
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
        expect(server.asked).toEqual(['sounds/S/pieces/1', 'sounds/S/pieces/2', 'sounds/S/end']);
    });

    it('stays on the device with the reason when it is not taken, until somebody gives it up', async () => {
        await recorded(2);
        const detail = 'The student has not agreed.';
        server.answers = () => Promise.resolve(told(403, { type: '/problems/forbidden', detail, errors: [] }));
        sendAll();
        const sender = new SoundSender(USER);
        await vi.waitFor(async () => expect((await sender.waiting())[0]?.refused).toBe(detail));
        expect(await left()).toEqual([1, 2]);
        server.asked = [];
        sendAll();
        expect(server.asked).toEqual([]);
        await sender.drop(sound);
        expect(await left()).toEqual([0, 0]);
    });

    it('waits until somebody signs in again, and loses nothing meanwhile', async () => {
        await recorded(2);
        await db.utterances.add({
            ...{ id: 'said', attempt: 'walk', user: USER, recorder: 'page', from_ms: 5 },
            bytes: new ArrayBuffer(4),
        });
        const signedOut = { type: '/problems/signed-out', detail: 'Sign in.', errors: [] };
        server.answers = () => Promise.resolve(told(401, signedOut));
        const sender = new SoundSender(USER);
        sender.nudge();
        await vi.waitFor(() => expect(server.asked).not.toEqual([]));
        sender.stop();
        expect([(await sender.waiting())[0]?.refused, await db.utterances.count()]).toEqual(['', 1]);
        expect(await left()).toEqual([1, 2]);
        server.answers = () => Promise.resolve(told(200));
        sendAll();
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
    });

    it('is tried again when it was refused and somebody asks for it', async () => {
        await recorded(1);
        server.answers = () => Promise.resolve(told(403, { type: '/problems/forbidden', detail: 'No.', errors: [] }));
        const sender = new SoundSender(USER);
        sender.nudge();
        await vi.waitFor(async () => expect((await sender.waiting())[0]?.refused).toBe('No.'));
        server.answers = () => Promise.resolve(told(200));
        await sender.retry(sound);
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
    });

    it('sends what was said just now before anything else', async () => {
        await recorded(1);
        const said = { id: 'said', attempt: 'walk', user: USER, recorder: 'page', from_ms: 5 };
        await db.utterances.add({ ...said, bytes: new ArrayBuffer(4) });
        sendAll();
        await vi.waitFor(async () => expect(await left()).toEqual([0, 0]));
        expect(server.asked[0]).toBe('utterances/said');
        expect(await db.utterances.count()).toBe(0);
    });
});
