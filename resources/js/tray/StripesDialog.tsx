import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { letters } from '@/grid/address';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { useBench } from '@/work/state';
import type { Formatter } from './useFormat';
import { Shade } from '@/parts/Shade';

/** Fills that take turns on the chosen cells, whatever is read there; they belong to the place. */
export function StripesDialog({ format, fill, onClose }: { format: Formatter; fill: string; onClose: () => void }) {
    useReturnFocus();
    const range = useBench((state) => state.selection[0]);
    const [by, setBy] = useState('rows');
    const [every, setEvery] = useState('1');
    const [first, setFirst] = useState(fill);
    const [second, setSecond] = useState('');
    const [key, setKey] = useState(range?.left ?? 1);
    const columns = range ? Array.from({ length: Math.min(100, range.right - range.left + 1) }, (_, at) => range.left + at) : [];
    const lay = (stripes: Record<string, unknown> | null) => {
        onClose();
        format.act('stripe', { ranges: format.ranges, stripes, key: by === 'key' ? key : null });
    };
    const colour = (words: string, value: string, set: (hex: string) => void) => (
        <label className="flex items-center gap-2">
            <span className="w-32 text-quiet">{words}</span>
            <i className="h-5 w-5 rounded border border-black/15" style={{ background: value || '#fff' }} />
            <input className="field w-28" placeholder="none" value={value} onChange={(event) => set(event.target.value.trim())} />
        </label>
    );
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[420px]" aria-describedby="stripes-about">
                    <Dialog.Title className="text-[15px] font-semibold">Stripes on {format.ranges}</Dialog.Title>
                    <p id="stripes-about" className="mt-2 text-quiet">
                        They belong to the place: rows that are put in are striped, a sort leaves them where they are, and hidden
                        rows are not counted.
                    </p>
                    <form
                        className="mt-3 flex flex-col gap-2"
                        onSubmit={(event) => {
                            event.preventDefault();
                            const fills = ['none', first || 'none', ...(second === '' ? [] : [second])];
                            lay({ ...(by === 'rows' ? {} : { by }), every: Number(every), fills });
                        }}
                    >
                        <label className="flex items-center gap-2">
                            <span className="w-32 text-quiet">Change</span>
                            <select className="field min-w-0 flex-1" value={by} onChange={(event) => setBy(event.target.value)}>
                                <option value="rows">every some rows</option>
                                <option value="key">with what a column holds</option>
                                <option value="columns">every some columns</option>
                            </select>
                        </label>
                        {by === 'key' && (
                            <label className="flex items-center gap-2">
                                <span className="w-32 text-quiet">Key column</span>
                                <select className="field" value={key} onChange={(event) => setKey(Number(event.target.value))}>
                                    {columns.map((column) => (
                                        <option key={column} value={column}>
                                            {letters(column)}
                                        </option>
                                    ))}
                                </select>
                            </label>
                        )}
                        <label className="flex items-center gap-2">
                            <span className="w-32 text-quiet">One band is</span>
                            <input
                                className="field w-16"
                                inputMode="numeric"
                                value={every}
                                onChange={(event) => setEvery(event.target.value)}
                            />
                            {by === 'rows' ? 'rows' : by === 'key' ? 'changes' : 'columns'}
                        </label>
                        {colour('Fill of the second band', first, setFirst)}
                        {colour('Of a third one', second, setSecond)}
                        <div className="mt-2 flex justify-end gap-2">
                            <button type="button" className="btn mr-auto" onClick={() => lay(null)}>
                                Take stripes off
                            </button>
                            <button type="button" className="btn" onClick={onClose}>
                                Leave it
                            </button>
                            <button type="submit" className="btn btn-primary">
                                Lay them
                            </button>
                        </div>
                    </form>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
