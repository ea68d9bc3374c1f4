import { Refused } from '@/api/client';
import { go } from './path';

interface Props {
    title: string;
    /** Why; while it is asked for once more, that is said instead. */
    message?: string;
    onAgain?: () => void;
}

/** In the place of a page that cannot be shown: why, and what can be done. */
export function CannotShow({ title, message = 'It is asked for again…', onAgain }: Props) {
    return (
        <main className="p-10">
            <h1 className="mb-2 text-[15px] font-semibold">{title}</h1>
            <p className="mb-4 text-quiet">{message}</p>
            {onAgain && (
                <button type="button" className="btn mr-2" onClick={onAgain}>
                    Try again
                </button>
            )}
            <button type="button" className="btn" onClick={() => go('/')}>
                Back to the shelf
            </button>
        </main>
    );
}

/** In the place of what stood on the shelf, or stands there and cannot be read. */
export function CannotOpen({ what, query }: { what: string; query: { error: Error | null; refetch: () => unknown } }) {
    const isGone = query.error instanceof Refused && query.error.status === 404;
    return (
        <CannotShow
            title={isGone ? `This ${what} is not on the shelf` : `The ${what} cannot be opened at present`}
            message={query.error?.message}
            onAgain={() => void query.refetch()}
        />
    );
}
