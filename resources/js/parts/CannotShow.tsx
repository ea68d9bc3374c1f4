import { go } from './path';

/** In the place of a page that cannot be shown: why, and what can be done. */
export function CannotShow({ title, message, onAgain }: { title: string; message: string; onAgain?: () => void }) {
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
