import { Eye } from 'lucide-react';
import { goToEntry, readAs } from './reader';

/** Takes the tray's place while the sheet is tried as its reader. */
export function ReaderBar({ id, isProtected }: { id: number; isProtected: boolean }) {
    return (
        <section
            aria-label="As the reader"
            className="flex flex-wrap items-center gap-3 border-t border-hair bg-damson-soft px-4 py-2 text-[12.5px]"
        >
            <Eye size={16} aria-hidden="true" />
            <p className="max-w-[640px]">
                <b>You see this sheet as its reader will.</b> Locked cells take nothing, choices open with Alt+↓ and prompts show.
                Tab goes from entry to entry.
                {!isProtected && ' The sheet is not protected yet: whoever gets it can change everything.'}
            </p>
            <span className="ml-auto flex gap-2">
                <button type="button" className="btn" onClick={() => goToEntry(id, false)}>
                    Next entry
                </button>
                <button type="button" className="btn btn-primary" onClick={() => readAs(false)}>
                    Back to the Bench (Escape)
                </button>
            </span>
        </section>
    );
}
