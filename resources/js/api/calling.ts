/** What two people changed of one stylebook, in words. */
export interface Went {
    version: number;
    theirs: string[];
    mine: string[];
    both: string[];
}

/** What the server refused, in its own words. */
export class Refused extends Error {
    constructor(
        message: string,
        readonly status: number,
        readonly revision: number | null,
        /** Texts that a merge would hide, where a choice is wanted. */
        readonly hidden: string[] = [],
        /** Cells whose own looks would cover the act, where a choice is wanted. */
        readonly covered = 0,
        /** The step was done already, when its answer got lost. */
        readonly done = false,
        /** What was done then. */
        readonly words: string | null = null,
        /** Another version of a stylebook was kept meanwhile: what both changed. */
        readonly went: Went | null = null,
        /** What was typed stands against a check that only warns: it may be kept. */
        readonly mayBeKept = false,
    ) {
        super(message);
    }
}

/** Whether the server failed at something, or was not there: asked again, it may answer. */
export const stumbled = (fault: unknown) => !(fault instanceof Refused) || fault.status === 0 || fault.status >= 500;

function token(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie);
    return found?.[1] ? decodeURIComponent(found[1]) : '';
}

const EXPIRED = 419;

/** The server, or the way to it, is gone for now. */
export const away = () =>
    new Refused('The server does not answer. What you did before is saved; start it again with bin/start.', 0, null);

export async function answered(
    method: string,
    path: string,
    body?: object,
    signal?: AbortSignal,
    step?: string,
): Promise<Response> {
    const isForm = body instanceof FormData;
    // Reading cookies takes the browser a while, and looking at cells needs no token.
    const headers: Record<string, string> = {
        Accept: 'application/json',
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': token() }),
    };
    if (step) headers['X-Step'] = step;
    if (body && !isForm) headers['Content-Type'] = 'application/json';
    try {
        return await fetch(`/api/${path}`, {
            method,
            headers,
            body: isForm ? body : body ? JSON.stringify(body) : undefined,
            signal,
        });
    } catch (fault) {
        if (signal?.aborted) throw fault;
        throw away();
    }
}

/** What the server refuses, as it says it. */
export function refusal(status: number, answer: unknown): Refused {
    const said = answer as {
        message?: string;
        revision?: number;
        hidden?: string[];
        covered?: number;
        done?: boolean;
        words?: string | null;
        went?: Went;
        mayBeKept?: boolean;
    } | null;
    return new Refused(
        said?.message || `The server answered ${status}.`,
        status,
        said?.revision ?? null,
        said?.hidden ?? [],
        said?.covered ?? 0,
        said?.done ?? false,
        said?.words ?? null,
        said?.went ?? null,
        said?.mayBeKept ?? false,
    );
}

export async function call<T>(method: string, path: string, body?: object, signal?: AbortSignal, step?: string): Promise<T> {
    let response = await answered(method, path, body, signal, step);
    if (response.status === EXPIRED) {
        // The page was open for longer than its token holds: nothing was done, and with a new one it is.
        await answered('GET', 'token', undefined, signal);
        response = await answered(method, path, body, signal, step);
    }
    const answer: unknown = await response.json().catch(() => null);
    if (!response.ok) throw refusal(response.status, answer);
    return answer as T;
}

const BUSY = 503;
const TRIES = 5;

/** Tries again while the server is busy and has not taken the request at all, for a few seconds. */
export async function patiently<T>(method: string, path: string, body?: object, step?: string): Promise<T> {
    for (let tries = 1; ; tries++) {
        try {
            return await call<T>(method, path, body, undefined, step);
        } catch (fault) {
            if (!(fault instanceof Refused) || fault.status !== BUSY || tries === TRIES) throw fault;
            await new Promise((resolve) => setTimeout(resolve, 250 * 2 ** tries));
        }
    }
}
