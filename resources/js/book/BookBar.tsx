import { Download } from 'lucide-react';
import type { BenchRecord, BookRecord, RulesRecord } from '@/api/types';
import { api } from '@/api/client';
import { ask } from '@/parts/Ask';
import { Mark } from '@/parts/Mark';
import { say, tell } from '@/parts/Messages';
import { go } from '@/parts/path';
import { useDraft } from '@/parts/useDraft';
import { UndoRedo } from '@/bench/UndoRedo';
import { counted } from '@/parts/counted';
import type { Acts } from '@/work/useActs';
import type { Keeping } from './useKeep';

export type View = 'make' | 'versions' | 'worn';

/** The name of the stylebook, its version, and what can be done with the whole of it. */
export function BookBar({
    book,
    rules,
    bench,
    acts,
    view,
    onView,
    keep,
}: {
    book: BookRecord;
    rules: RulesRecord;
    bench: BenchRecord;
    acts: Acts;
    view: View;
    onView: (view: View) => void;
    keep: Keeping;
}) {
    const name = useDraft(rules.name, (written) => void acts.revise('call', { name: written, about: rules.about }));
    const drop = async () => {
        const sure = await ask({
            title: 'Give up what is not kept?',
            about: `${counted(book.changes.length, 'change')} since version ${book.base ?? book.version}. What was kept stays.`,
            action: 'Give them up',
            danger: true,
        });
        if (sure === null) return;
        await api.dropDraft(book.id).then(({ message }) => {
            say(message);
            return keep.fresh();
        }, tell);
    };
    const tab = (to: View, words: string, count?: number) => (
        <button
            type="button"
            aria-pressed={view === to}
            className={`flex items-center gap-1.5 rounded-md px-3 py-1
                    ${view === to ? 'bg-damson-soft font-semibold text-damson' : 'text-quiet hover:bg-ground'}`}
            onClick={() => onView(to)}
        >
            {words}
            {count !== undefined && <span className="rounded-full bg-[#6f6677] px-1.5 text-[11px] text-white">{count}</span>}
        </button>
    );
    return (
        <header
            className={`flex min-w-0 items-center gap-3 border-b border-hair bg-panel px-3 max-[900px]:flex-wrap
                max-[900px]:gap-1.5 max-[900px]:py-1`}
        >
            <Mark />
            <span className="h-5 w-px flex-none bg-hair" />
            <a
                href="/"
                className="flex-none text-[12.5px] text-quiet hover:underline max-[1100px]:hidden"
                onClick={(event) => {
                    event.preventDefault();
                    go('/');
                }}
            >
                Stylebooks
            </a>
            <input
                aria-label="Name of the stylebook"
                title={rules.about}
                className={`min-w-0 flex-shrink rounded-md border border-transparent bg-transparent px-1 text-[15px]
                        font-semibold hover:border-hair`}
                style={{ width: `${Math.max(9, Math.min(26, name.value.length + 1))}ch` }}
                {...name}
            />
            <span className="flex-none rounded-full border border-hair px-2 py-0.5 text-[11px] text-quiet">
                version {book.version}
                {book.versions[0] && <span className="max-[1180px]:hidden">, {book.versions[0].when}</span>}
            </span>
            <div className="flex flex-none items-center gap-1" role="group" aria-label="What is shown">
                {tab('make', 'Make')}
                {tab('versions', 'Versions', book.versions.length)}
                {tab('worn', 'Worn by', book.sheets)}
            </div>
            <span className="flex-1" />
            <UndoRedo bench={bench} acts={acts} />
            {book.changes.length > 0 && (
                <button type="button" className="btn flex-none" onClick={() => void drop()}>
                    Give up
                </button>
            )}
            <a
                className="btn flex-none"
                href={`/api/stylebooks/${book.id}/json`}
                title={`Version ${book.version}, as it was kept`}
            >
                <Download size={14} aria-hidden="true" />
                <span className="max-[1180px]:sr-only">Take as JSON</span>
            </a>
            <button
                type="button"
                className="btn btn-primary flex-none"
                disabled={book.changes.length === 0 || keep.busy}
                title={book.changes.map((change) => change.words).join(', ') || 'Nothing was changed since the newest version'}
                onClick={keep.keep}
            >
                Keep as version {book.version + 1}
            </button>
        </header>
    );
}
