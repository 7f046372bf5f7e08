import { allPages, answer } from '@/shared/api/client';
import { expect, it } from 'vitest';

type Told = { data?: number[]; error?: unknown; response: Response };

const answering = (data: number[], next?: string) => ({
    data,
    response: new Response('', next === undefined ? {} : { headers: { Link: `<${next}>; rel="next"` } }),
});

it('asks for one page after the other until none is named', async () => {
    const asked: unknown[] = [];
    const pages = [
        answering([1, 2], '/api/v1/students?limit=2&cursor=a%3D'),
        answering([3, 4], '/api/v1/students?limit=2&cursor=b'),
        answering([5]),
    ];
    const all = await allPages((cursor) => {
        asked.push(cursor);
        return Promise.resolve(pages[asked.length - 1] ?? answering([]));
    });

    expect(all).toEqual([1, 2, 3, 4, 5]);
    expect(asked).toEqual([{}, { cursor: 'a=' }, { cursor: 'b' }]);
});

it('is refused as a whole where one page is', async () => {
    const refused = { error: { detail: 'Sign in first.' }, response: new Response('', { status: 401 }) };
    const pages: Told[] = [answering([1], '/api/v1/students?cursor=a'), refused];

    await expect(allPages(() => Promise.resolve(pages.shift() ?? answering([])))).rejects.toThrow('Sign in first.');
});

it('tells the number of the request with an error of the server', async () => {
    const failed = { detail: 'Pasada itself failed here.', request_id: '0f3a', type: '/problems/failed', errors: [] };
    const refused = { ...failed, request_id: undefined };
    const asked = (error: unknown) => answer(Promise.resolve({ error, response: new Response('', { status: 500 }) }));

    await expect(asked(failed)).rejects.toThrow('Pasada itself failed here. (Number of this request: 0f3a)');
    await expect(asked(refused)).rejects.toThrow(/^Pasada itself failed here\.$/);
});
