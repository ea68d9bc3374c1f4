import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { TruthNote } from '@/api/types';
import { useBench } from '@/work/state';
import { useTruths } from '@/work/useTruths';
import { parse } from '@/grid/address';
import { PanelButton } from '@/parts/openers';
import { counted } from '@/parts/counted';
import type { Formatter } from './useFormat';

const ACTS: Record<string, string> = {
    numbers: 'Turn into numbers',
    hundredths: 'Divide by 100, so that 10 reads 10 %',
    dates_dmy: 'Turn into dates, the day first',
    dates_mdy: 'Turn into dates, the month first',
};

/** Quiet notes on what the figures of the sheet do not say: the reason, and what can be done. */
export function NotesMenu({ format }: { format: Formatter }) {
    const [open, setOpen] = useState(false);
    const column = useBench((state) => state.active.column);
    const all = useTruths(format.id, format.sheet, format.seen);
    if (all.length === 0) return null;
    const here = all.filter((note) => note.column === column);
    const notes = [...here, ...all.filter((note) => note.column !== column)];
    const select = (note: TruthNote) => useBench.getState().select(note.ranges.split(',').flatMap((text) => parse(text) ?? []));
    return (
        <PanelButton
            className="flex h-6 items-center gap-1 self-start rounded px-1 text-[11px] text-caution hover:bg-ground"
            opened={open}
            onOpen={setOpen}
            panel={{
                className: 'menu w-[460px] p-3',
                side: 'top',
                align: 'start',
                'aria-label': 'Notes on the figures',
            }}
            face={
                <>
                    <TriangleAlert size={12} aria-hidden="true" />
                    {here.length > 0
                        ? `${counted(here.length, 'note')} on this column`
                        : `${counted(all.length, 'note')} on this sheet`}
                </>
            }
        >
            <ul>
                {notes.map((note) => (
                    <li key={`${note.kind}${note.ranges}`} className="border-t border-hair py-2 first:border-t-0">
                        <p>{note.reason}</p>
                        {note.samples.length > 0 && (
                            <p className="mt-1 font-mono text-[11.5px] text-quiet">{note.samples.join(' · ')}</p>
                        )}
                        <div className="mt-1.5 flex flex-wrap gap-1.5">
                            <button
                                type="button"
                                className="btn text-[12px]"
                                onClick={() => {
                                    setOpen(false);
                                    select(note);
                                }}
                            >
                                Go there
                            </button>
                            {(note.kind === 'ambiguous_date' ? ['dates_dmy', 'dates_mdy'] : note.act ? [note.act] : []).map(
                                (to) => (
                                    <button
                                        key={to}
                                        type="button"
                                        className="btn text-[12px]"
                                        title="A change of data: named in the history, and undone like any other act"
                                        onClick={() => format.act('convert', { to, ranges: note.ranges, sheets: [format.sheet] })}
                                    >
                                        {ACTS[to]}
                                    </button>
                                ),
                            )}
                        </div>
                    </li>
                ))}
            </ul>
        </PanelButton>
    );
}
