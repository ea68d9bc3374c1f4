import { answered, away, refusal, Refused } from './calling';

/** What is known at once does not wait for what may take a while on a large sheet. */
type Lane = 'quick' | 'slow';

interface Asked {
    path: string;
    signal: AbortSignal | undefined;
    resolve: (answer: unknown) => void;
    reject: (fault: unknown) => void;
}

/** As many as the server takes in one request, and how long one is that goes by itself. */
const READS = 40;
const LONG = 500;

/** What a person waits for comes first, and what is worked out last. */
const FIRST = ['window', 'inspection', 'number', 'entry', 'figures', 'drawings', 'guard', 'conditions'];
const turn = ({ path }: Asked) => {
    const at = FIRST.indexOf(/(\w+)(?:\?|$)/.exec(path)?.[1] ?? '');
    return at === -1 ? FIRST.length : at;
};

const waiting = new Map<string, Asked[]>();

/**
 * Looks at something of a workbook, by its address below it. What is looked at within one moment goes to the server in one
 * request: to begin a request takes longer than to answer most looks.
 */
export function look<T>(workbook: number, path: string, signal?: AbortSignal, lane: Lane = 'quick'): Promise<T> {
    return new Promise<T>((resolve, reject) => {
        const key = `${workbook} ${lane}`;
        const asked = { path, signal, resolve: resolve as (answer: unknown) => void, reject };
        if (path.length > LONG) {
            void send(workbook, [asked]);
            return;
        }
        const others = waiting.get(key);
        if (others && others.length < READS) {
            others.push(asked);
            return;
        }
        const first = [asked];
        waiting.set(key, first);
        setTimeout(() => {
            if (waiting.get(key) === first) waiting.delete(key);
            void send(workbook, first);
        });
    });
}

/** Sends what was asked for, and gives each its answer as soon as it is there. */
async function send(workbook: number, all: Asked[]): Promise<void> {
    const open = new Set(all);
    const way = new AbortController();
    const leave = (asked: Asked) => {
        if (!open.delete(asked)) return;
        asked.reject(asked.signal?.reason);
        if (open.size === 0) way.abort();
    };
    for (const asked of all) {
        if (asked.signal?.aborted) leave(asked);
        else asked.signal?.addEventListener('abort', () => leave(asked), { once: true });
    }
    const sent = [...open].sort((one, other) => turn(one) - turn(other));
    if (sent.length === 0) return;
    const settle = (asked: Asked | undefined, status: number, body: unknown) => {
        if (!asked || !open.delete(asked)) return;
        if (status >= 200 && status < 300) asked.resolve(body);
        else asked.reject(refusal(status, body));
    };
    try {
        if (sent.length === 1) {
            const response = await answered('GET', `workbooks/${workbook}/${sent[0]?.path}`, undefined, way.signal);
            settle(sent[0], response.status, await response.json().catch(() => null));
        } else {
            const reads = sent.map(({ path }) => `read[]=${encodeURIComponent(path)}`).join('&');
            const response = await answered('GET', `workbooks/${workbook}/together?${reads}`, undefined, way.signal);
            if (!response.ok || !response.body) throw refusal(response.status, await response.json().catch(() => null));
            for await (const line of lines(response.body)) {
                const { at, status, body } = JSON.parse(line) as { at: number; status: number; body: unknown };
                settle(sent[at], status, body);
            }
        }
        // Where the server stopped in the middle, it stopped at the first that has no answer: the others do not go down with it.
        const [stopped, ...others] = sent.filter((asked) => open.has(asked));
        stopped?.reject(away());
        open.clear();
        if (others.length > 0) await send(workbook, others);
    } catch (fault) {
        for (const asked of open) asked.reject(fault instanceof Refused ? fault : away());
    }
}

/** The lines of what comes, each as soon as it is whole. */
async function* lines(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
    const reader = body.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>).getReader();
    let rest = '';
    for (;;) {
        const { done, value } = await reader.read();
        if (done) return;
        const parts = (rest + value).split('\n');
        rest = parts.pop() ?? '';
        yield* parts;
    }
}
