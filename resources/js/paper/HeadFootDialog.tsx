import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import type { GivenPage, PagesRecord } from '@/api/types';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { places } from './layers';
import { Shade } from '@/parts/Shade';

const FIELDS: [string, string][] = [
    ['page', 'Page'],
    ['pages', 'Pages'],
    ['title', 'Title of the table'],
    ['sheet', 'Sheet'],
    ['workbook', 'Workbook'],
    ['file', 'File'],
    ['date', 'Date'],
    ['time', 'Time'],
];
const PLACES = ['left', 'centre', 'right'] as const;
const LINES: [string, string][] = [
    ['header', 'Head'],
    ['footer', 'Foot'],
];
const OTHERS: [string, string][] = [
    ['first', 'The first page has its own'],
    ['even', 'Even pages have their own'],
];

const named = (kind: string, line: string) => (kind === '' ? line : `${kind}${line.slice(0, 1).toUpperCase()}${line.slice(1)}`);

/** What stands above and below every page, in three places each. */
export function HeadFootDialog({
    pages,
    onSay,
    onClose,
}: {
    pages: PagesRecord;
    onSay: (says: GivenPage) => void;
    onClose: () => void;
}) {
    useReturnFocus();
    const [says, setSays] = useState<Record<string, Record<string, string>>>(() =>
        Object.fromEntries(
            ['', 'first', 'even'].flatMap((kind) => LINES.map(([line]) => [named(kind, line), places(pages, named(kind, line))])),
        ),
    );
    const [other, setOther] = useState<Record<string, boolean>>({
        first: 'firstHeader' in pages.rules || 'firstFooter' in pages.rules,
        even: 'evenHeader' in pages.rules || 'evenFooter' in pages.rules,
    });
    const field = useRef<{ rule: string; place: string; input: HTMLInputElement } | null>(null);
    const write = (rule: string, place: string, text: string) =>
        setSays((old) => ({ ...old, [rule]: { ...old[rule], [place]: text } }));
    const insert = (name: string) => {
        const at = field.current;
        if (!at) return;
        const { input, rule, place } = at;
        const [from, to] = [input.selectionStart ?? input.value.length, input.selectionEnd ?? input.value.length];
        write(rule, place, `${input.value.slice(0, from)}{${name}}${input.value.slice(to)}`);
        input.focus();
    };
    const keep = () => {
        const filled = (rule: string) =>
            Object.fromEntries(Object.entries(says[rule] ?? {}).filter(([, text]) => text.trim() !== ''));
        const all: GivenPage = {};
        for (const [line] of LINES) {
            all[line] = filled(line);
            for (const [kind] of OTHERS) all[named(kind, line)] = other[kind] ? filled(named(kind, line)) : null;
        }
        onSay(all);
        onClose();
    };
    const rows = (kind: string) =>
        LINES.map(([line, words]) => (
            <div key={line} className="mt-1.5 grid grid-cols-[44px_1fr_1fr_1fr] items-center gap-1.5">
                <span className="text-[12px] text-quiet">{words}</span>
                {PLACES.map((place) => (
                    <input
                        key={place}
                        aria-label={`${words}, ${place}${kind === '' ? '' : `, ${kind === 'first' ? 'first page' : 'even pages'}`}`}
                        placeholder={place}
                        maxLength={200}
                        className={`field min-w-0 ${place === 'left' ? '' : place === 'centre' ? 'text-center' : 'text-right'}`}
                        value={says[named(kind, line)]?.[place] ?? ''}
                        onFocus={(event) => {
                            field.current = { rule: named(kind, line), place, input: event.currentTarget };
                        }}
                        onChange={(event) => write(named(kind, line), place, event.target.value)}
                    />
                ))}
            </div>
        ));
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[680px]" aria-describedby={undefined}>
                    <Dialog.Title className="mb-1 text-[15px] font-semibold">Head and foot of the pages</Dialog.Title>
                    {rows('')}
                    {OTHERS.map(([kind, words]) => (
                        <div key={kind} className="mt-3">
                            <label className="flex items-center gap-2">
                                <input
                                    type="checkbox"
                                    className="accent-damson"
                                    checked={other[kind] ?? false}
                                    onChange={(event) => setOther({ ...other, [kind]: event.target.checked })}
                                />
                                {words}
                            </label>
                            {other[kind] && rows(kind)}
                        </div>
                    ))}
                    <p className="mt-4 mb-1 text-[12px] text-quiet">Put in where you write:</p>
                    <div className="flex flex-wrap gap-1.5">
                        {FIELDS.map(([name, words]) => (
                            <button
                                key={name}
                                type="button"
                                className="btn h-6 text-[12px]"
                                // The field keeps the caret.
                                onMouseDown={(event) => event.preventDefault()}
                                onClick={() => insert(name)}
                            >
                                {words}
                            </button>
                        ))}
                    </div>
                    <div className="mt-4 flex justify-end gap-2">
                        <button type="button" className="btn" onClick={onClose}>
                            Not now
                        </button>
                        <button type="button" className="btn btn-primary" onClick={keep}>
                            Set them
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
