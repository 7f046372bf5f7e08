import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Problem = Schemas['ProblemResource'];

/** An answer the server gave on purpose: what went wrong and what to do. */
export class ApiProblem extends Error {
    constructor(
        readonly status: number,
        detail: string,
        readonly errors: Problem['errors'] = [],
        private readonly type = '',
    ) {
        super(detail);
    }

    /** Whether it is of this kind; the server's App\Exceptions\ProblemKind lists them. */
    is(kind: string): boolean {
        return this.type === `/problems/${kind}`;
    }
}

/** No answer at all, or one that is not Pasada's: the network or the server is away. */
export class Unreachable extends Error {
    constructor() {
        super('Pasada cannot be reached. Check the network; what you marked is kept on this device.');
    }
}

/** Whether the same question may be answered later; what was refused for a reason would be refused again. */
export const isPassing = (error: unknown): boolean =>
    !(error instanceof ApiProblem) || error.status >= 500 || error.is('page-expired') || error.is('too-many');

function cookie(name: string): string | undefined {
    const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`));
    return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1));
}

export const api = createClient<paths>({ baseUrl: '/api/v1', headers: { Accept: 'application/json' } });

api.use({
    onRequest({ request }) {
        const token = cookie('XSRF-TOKEN');
        if (token !== undefined && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token);
        return request;
    },
});

const isProblem = (value: unknown): value is Problem =>
    typeof value === 'object' && value !== null && 'detail' in value && typeof value.detail === 'string';

/** With the number by which whoever looks after the server finds what went wrong. */
const inWords = ({ detail, request_id }: Problem): string =>
    request_id == null ? detail : `${detail} (Number of this request: ${request_id})`;

/** Hands out the data of a call, or throws ApiProblem or Unreachable: the one place where answers are narrowed. */
export async function answer<T>(
    call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Exclude<T, undefined>> {
    let result;
    try {
        result = await call;
    } catch {
        throw new Unreachable();
    }
    const { data, error, response } = result;
    if (response.ok && data !== undefined) return data as Exclude<T, undefined>;
    if (isProblem(error)) throw new ApiProblem(response.status, inWords(error), error.errors, error.type);
    throw new Unreachable();
}

type PageAnswer<T> = Promise<{ data?: T; error?: unknown; response: Response }>;
type PageCall<T> = (cursor: { cursor?: string }) => PageAnswer<T>;

/** One page of a list, and where the next begins: that is in the header `Link`. */
export async function onePage<T>(page: PageAnswer<T>): Promise<{ rows: Exclude<T, undefined>; next: string | null }> {
    let link: string | null = null;
    const rows = await answer(
        page.then((told) => {
            link = told.response.headers.get('Link');
            return told;
        }),
    );
    const next = /<([^>]+)>; rel="next"/.exec(link ?? '')?.[1];
    return { rows, next: next === undefined ? null : new URL(next, 'http://pasada').searchParams.get('cursor') };
}

/** All pages of a list, one after the other. */
export async function pages<T>(page: PageCall<T>): Promise<Exclude<T, undefined>[]> {
    const all: Exclude<T, undefined>[] = [];
    let cursor: { cursor?: string } | undefined = {};
    do {
        const { rows, next }: Awaited<ReturnType<typeof onePage<T>>> = await onePage(page(cursor));
        all.push(rows);
        cursor = next === null ? undefined : { cursor: next };
    } while (cursor !== undefined);
    return all;
}

/** All rows of a list whose pages are rows and nothing else. */
export const allPages = async <T>(page: PageCall<T[]>): Promise<T[]> => (await pages(page)).flat();

/** For a call that is answered by nothing but that it was done. */
export async function done(call: Promise<{ error?: unknown; response: Response }>): Promise<void> {
    await answer(call.then((told) => (told.response.ok ? { ...told, data: null } : told)));
}
