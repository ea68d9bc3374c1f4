import { useQuery } from '@tanstack/react-query';
import { ChevronDown, History, Search } from 'lucide-react';
import { useState } from 'react';
import { api } from '@/api/client';
import { useRoutines } from '@/routine/opened';
import type { BenchRecord } from '@/api/types';
import { PanelButton } from '@/parts/openers';
import { Mark } from '@/parts/Mark';
import type { Acts } from '@/work/useActs';
import { UndoRedo } from './UndoRedo';

export type View = 'bench' | 'findings' | 'side-by-side' | 'paper';

const VIEWS: [View, string][] = [
    ['bench', 'Bench'],
    ['side-by-side', 'Side by side'],
    ['findings', 'Findings'],
    ['paper', 'Paper'],
];

export function TopBar({
    bench,
    acts,
    wears,
    dressing,
    view,
    findings,
    onView,
    onDress,
    onFind,
    onHandOver,
}: {
    bench: BenchRecord;
    acts: Acts;
    wears: string | null;
    dressing: boolean;
    view: View;
    /** How many there are to be looked at. */
    findings: number;
    onView: (view: View) => void;
    onDress: () => void;
    onFind: () => void;
    onHandOver: () => void;
}) {
    return (
        <header
            className={`flex items-center gap-3.5 border-b border-hair bg-panel px-3 max-[820px]:min-h-11
                max-[820px]:flex-wrap max-[820px]:gap-x-1.5 max-[820px]:gap-y-0.5 max-[820px]:py-1`}
        >
            <a
                href="#sheet"
                className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:rounded-md focus:bg-white focus:px-3 focus:py-1"
                onClick={(event) => {
                    event.preventDefault();
                    document.querySelector<HTMLElement>('[role=grid]')?.focus();
                }}
            >
                Go to the sheet
            </a>
            <Mark />
            <span className="h-5 w-px bg-hair max-[820px]:hidden" />
            <Name key={bench.name} name={bench.name} onRename={(name) => void acts.act('rename', { name })} />
            <button
                type="button"
                className={`flex items-center gap-1 rounded-md px-1.5 py-0.5 text-[12px] whitespace-nowrap
                        ${dressing ? 'bg-brass-soft text-ink' : 'text-quiet hover:bg-ground'}`}
                aria-pressed={dressing}
                title="Choose a stylebook"
                onClick={onDress}
            >
                {wears ? `wears ${wears}` : 'wears no stylebook'}
                <ChevronDown size={12} aria-hidden="true" />
            </button>
            <nav
                aria-label="Views"
                className="ml-3 flex items-center gap-0.5 max-[1120px]:ml-1 max-[820px]:order-last max-[820px]:ml-0"
            >
                {VIEWS.map(([name, words]) => (
                    <button
                        key={name}
                        type="button"
                        className={`flex items-center gap-1.5 rounded-md px-2.5 py-1 whitespace-nowrap max-[1120px]:px-2
                                ${view === name ? 'bg-damson-soft font-semibold text-damson' : 'text-quiet hover:bg-ground'}`}
                        aria-current={view === name ? 'page' : undefined}
                        onClick={() => onView(name)}
                    >
                        {words}
                        {name === 'findings' && findings > 0 && (
                            <span className="rounded-full bg-caution px-1.5 text-[11px] font-semibold text-white">
                                {findings.toLocaleString('en')}
                            </span>
                        )}
                    </button>
                ))}
            </nav>
            <span className="flex-1" />
            <UndoRedo bench={bench} acts={acts} />
            <HistoryPanel id={bench.id} acts={acts} />
            <button type="button" className="btn" onClick={onFind}>
                <Search size={14} aria-hidden="true" /> <span className="max-[1120px]:sr-only">Find an action</span>{' '}
                <kbd className="max-[1120px]:hidden rounded bg-ground px-1.5 font-mono text-[11px] text-quiet">Ctrl K</kbd>
            </button>
            <button type="button" className="btn btn-primary" onClick={onHandOver}>
                Hand over
            </button>
        </header>
    );
}

function Name({ name, onRename }: { name: string; onRename: (name: string) => void }) {
    const [text, setText] = useState(name);
    const keep = () => (text.trim() !== '' && text !== name ? onRename(text) : setText(name));
    return (
        <input
            aria-label="Name of the workbook"
            className="rounded-md border border-transparent bg-transparent px-1 text-[15px] font-semibold hover:border-hair"
            style={{ width: `${Math.max(8, Math.min(34, text.length + 1))}ch` }}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onBlur={keep}
            onKeyDown={(event) => {
                if (event.key === 'Enter') event.currentTarget.blur();
                if (event.key === 'Escape') setText(name);
            }}
        />
    );
}

function HistoryPanel({ id, acts }: { id: number; acts: Acts }) {
    const [open, setOpen] = useState(false);
    const history = useQuery({ queryKey: ['history', id], queryFn: () => api.history(id), enabled: open });
    return (
        <PanelButton
            className="icon-btn"
            aria-label="History"
            title="History"
            opened={open}
            onOpen={setOpen}
            panel={{ className: 'menu w-80', align: 'end', 'aria-label': 'History' }}
            face={<History size={16} strokeWidth={1.75} />}
        >
            <p className="menu-label">History, newest first</p>
            {history.data?.length === 0 && <p className="px-2 pb-2 text-quiet">Nothing was changed yet.</p>}
            <ol>
                {history.data?.map((entry) => (
                    <li key={entry.id}>
                        <button
                            type="button"
                            title={entry.undone ? 'Go forward to here' : 'Go back to here'}
                            className={`flex w-full gap-2 rounded px-2 py-1 text-left text-[12.5px] hover:bg-damson-soft
                                            ${entry.undone ? 'text-quiet line-through' : ''}`}
                            onClick={() => void acts.goTo(entry.id)}
                        >
                            <span className="flex-1">{entry.words}</span>
                            <span className="text-quiet">{entry.when}</span>
                        </button>
                    </li>
                ))}
                {(history.data?.length ?? 0) > 0 && (
                    <li>
                        <button
                            type="button"
                            className="w-full rounded px-2 py-1 text-left text-[12.5px] hover:bg-damson-soft"
                            onClick={() => void acts.goTo(0)}
                        >
                            As it came
                        </button>
                    </li>
                )}
            </ol>
            <div className="mt-1 border-t border-hair pt-1">
                {(history.data?.length ?? 0) > 0 && (
                    <button
                        type="button"
                        className="w-full rounded px-2 py-1 text-left text-[12.5px] hover:bg-damson-soft"
                        onClick={() => {
                            setOpen(false);
                            useRoutines.setState({ open: 'keep' });
                        }}
                    >
                        Keep steps as a routine…
                    </button>
                )}
                <button
                    type="button"
                    className="w-full rounded px-2 py-1 text-left text-[12.5px] hover:bg-damson-soft"
                    onClick={() => {
                        setOpen(false);
                        useRoutines.setState({ open: 'replay' });
                    }}
                >
                    Do a routine to this workbook…
                </button>
            </div>
        </PanelButton>
    );
}
