import { useId } from 'react';
import { ENTRY_KINDS, ENTRY_OPERATORS, SEVERITIES } from '@/api/types';
import { HoldsOn } from '@/parts/HoldsOn';
import { Select } from '@/parts/Select';
import type { Acts } from '@/work/useActs';
import { givenEntry, isComplete, setEntry, takesTwo, type EntryDraft } from './draft';

/** Takes the tray's place while it is written what cells take: where, what, what is said before and after. */
export function EntryTray({ acts, draft }: { acts: Acts; draft: EntryDraft }) {
    const leave = () => setEntry(null);
    const keep = () => {
        const args = givenEntry(draft);
        void (draft.place.everywhere ? acts.revise('keepEntry', args) : acts.act('setEntry', args));
        leave();
    };
    return (
        <section
            aria-label="What may be entered"
            className="flex min-w-0 overflow-x-auto overflow-y-hidden border-t border-hair bg-panel text-[12.5px]"
            onKeyDown={(event) => event.key === 'Escape' && !event.defaultPrevented && leave()}
        >
            <HoldsOn places={draft.places} place={draft.place} onPlace={(place) => setEntry({ place })} />
            <Takes draft={draft} />
            <Words
                title="Told when the cell is chosen"
                labels={['Title of the prompt', 'Prompt']}
                values={[draft.promptTitle, draft.prompt]}
                onTitle={(promptTitle) => setEntry({ promptTitle })}
                onText={(prompt) => setEntry({ prompt })}
            />
            <Words
                title="Anything else"
                labels={['Title of the message', 'Message']}
                values={[draft.title, draft.message]}
                onTitle={(title) => setEntry({ title })}
                onText={(message) => setEntry({ message })}
                disabled={draft.kind === 'any'}
            >
                <Select
                    label="What becomes of anything else"
                    value={draft.severity}
                    choices={SEVERITIES}
                    onChange={(severity) => setEntry({ severity })}
                />
            </Words>
            <div className="flex w-[150px] flex-none flex-col gap-1 px-2.5 py-2">
                <label className="flex min-h-6 items-center gap-1.5 text-[11.5px] leading-[13px]">
                    <input
                        type="checkbox"
                        className="flex-none accent-damson"
                        checked={draft.blank}
                        onChange={(event) => setEntry({ blank: event.target.checked })}
                    />
                    It may be left blank
                </label>
                {draft.kind === 'list' && (
                    <label className="flex min-h-6 items-center gap-1.5 text-[11.5px] leading-[13px]">
                        <input
                            type="checkbox"
                            className="flex-none accent-damson"
                            checked={draft.shows}
                            onChange={(event) => setEntry({ shows: event.target.checked })}
                        />
                        The choices are offered
                    </label>
                )}
                <div className="mt-auto flex gap-1.5">
                    <button type="button" className="btn" onClick={leave}>
                        Leave it
                    </button>
                    <button type="button" className="btn btn-primary" disabled={!isComplete(draft)} onClick={keep}>
                        Keep
                    </button>
                </div>
            </div>
        </section>
    );
}

function Takes({ draft }: { draft: EntryDraft }) {
    const put = (at: 0 | 1, value: string) =>
        setEntry({ values: at === 0 ? [value, draft.values[1]] : [draft.values[0], value] });
    const compares = draft.kind !== 'list' && draft.kind !== 'any' && draft.kind !== 'formula';
    return (
        <div className="flex min-w-[300px] flex-1 flex-col border-r border-hair px-2.5 py-2">
            <h2 className="flex h-5 items-center text-[12px] font-semibold">
                <span className="max-w-[170px] truncate">{draft.subject}</span>
                <span className="ml-1 font-normal">takes</span>
                <span className="ml-auto pl-2 text-[11px] font-normal whitespace-nowrap text-quiet">
                    {draft.from ? 'being changed, not kept' : 'new, not kept'}
                </span>
            </h2>
            <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
                <Select label="What is taken" value={draft.kind} choices={ENTRY_KINDS} onChange={(kind) => setEntry({ kind })} />
                {compares && (
                    <Select
                        label="How it is compared"
                        value={draft.is}
                        choices={ENTRY_OPERATORS}
                        onChange={(is) => setEntry({ is })}
                    />
                )}
                {(compares || draft.kind === 'formula') && (
                    <input
                        className={`field ${draft.kind === 'formula' ? 'min-w-0 flex-1 font-mono' : 'w-[88px]'}`}
                        aria-label={draft.kind === 'formula' ? 'Formula' : 'Value'}
                        value={draft.values[0]}
                        onChange={(event) => put(0, event.target.value)}
                    />
                )}
                {takesTwo(draft) && (
                    <>
                        and
                        <input
                            className="field w-[88px]"
                            aria-label="Second value"
                            value={draft.values[1]}
                            onChange={(event) => put(1, event.target.value)}
                        />
                    </>
                )}
                {draft.kind === 'list' && (
                    <Select
                        label="Where the choices come from"
                        value={draft.source}
                        choices={[
                            ['typed', 'written here'],
                            ['cells', 'from cells'],
                            ['column', 'what the column holds'],
                        ]}
                        onChange={(source) => setEntry({ source: source as EntryDraft['source'] })}
                    />
                )}
            </div>
            {draft.kind === 'list' && draft.source === 'typed' && (
                <textarea
                    className="field mt-1.5 min-h-0 flex-1 resize-none text-[12px]"
                    aria-label="Choices, one a line"
                    placeholder="One choice a line"
                    value={draft.choices}
                    onChange={(event) => setEntry({ choices: event.target.value })}
                />
            )}
            {draft.kind === 'list' && draft.source === 'cells' && (
                <input
                    className="field mt-1.5 font-mono text-[12px]"
                    aria-label="Cells with the choices"
                    placeholder="Lists!A2:A9, or a name"
                    value={draft.cells}
                    onChange={(event) => setEntry({ cells: event.target.value })}
                />
            )}
        </div>
    );
}

function Words({
    title,
    labels,
    values,
    onTitle,
    onText,
    disabled = false,
    children,
}: {
    title: string;
    labels: [string, string];
    values: [string, string];
    onTitle: (text: string) => void;
    onText: (text: string) => void;
    disabled?: boolean;
    children?: React.ReactNode;
}) {
    const id = useId();
    return (
        <fieldset disabled={disabled} className="flex w-[196px] flex-none flex-col border-r border-hair px-2.5 py-2">
            <legend className="float-left h-5 text-[12px] font-semibold">{title}</legend>
            {children}
            <input
                id={`${id}-title`}
                className="field mt-1 w-full"
                aria-label={labels[0]}
                placeholder={labels[0]}
                maxLength={32}
                value={values[0]}
                onChange={(event) => onTitle(event.target.value)}
            />
            <textarea
                className="field mt-1 min-h-0 flex-1 resize-none text-[12px]"
                aria-label={labels[1]}
                placeholder={labels[1]}
                maxLength={255}
                value={values[1]}
                onChange={(event) => onText(event.target.value)}
            />
        </fieldset>
    );
}
