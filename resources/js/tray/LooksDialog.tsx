import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { NamedLookRecord, WornRecord } from '@/api/types';
import { useBench } from '@/work/state';
import { parse } from '@/grid/address';
import { ask } from '@/parts/Ask';
import { DialogFrame } from '@/parts/DialogFrame';
import { counted } from '@/parts/counted';
import { go } from '@/parts/path';
import type { Formatter } from './useFormat';

/** The named looks at hand: where each is worn, its name, and what becomes of its wearers when it goes. */
export function LooksDialog({ format, stamp, onClose }: { format: Formatter; stamp: string; onClose: () => void }) {
    const looks = useQuery({
        queryKey: ['looks', format.id, format.sheet, stamp],
        queryFn: () => api.looks(format.id, format.sheet),
    });
    const [leaving, setLeaving] = useState<NamedLookRecord | null>(null);
    const show = (place: WornRecord) => {
        onClose();
        if (place.workbook !== format.id) return go(`/workbooks/${place.workbook}`);
        useBench.getState().open(place.sheet);
        useBench.getState().select(place.ranges.split(',').flatMap((text) => parse(text) ?? []));
    };
    const rename = async (name: string) => {
        const to = await ask({ title: `Rename "${name}"`, label: 'Name of the look', value: name, action: 'Rename' });
        if (to && to.trim() !== name) format.revise('renameLook', { name, to });
    };
    return (
        <DialogFrame title="Named looks" width={620} onClose={onClose}>
            {looks.isError && <p className="mt-3 text-danger">{looks.error.message}</p>}
            {looks.data?.length === 0 && <p className="mt-3 text-quiet">There are none yet.</p>}
            <ul className="mt-3 max-h-[380px] overflow-auto" tabIndex={0} aria-label="Named looks">
                {looks.data?.map((look) => (
                    <li key={look.name} className="border-t border-hair py-2" aria-label={look.name}>
                        <div className="flex items-center gap-2">
                            <span className="font-semibold">{look.name}</span>
                            {look.own && <span className="text-[11.5px] text-quiet">of this workbook</span>}
                            <span className="flex-1 truncate text-[12px] text-quiet">{look.says}</span>
                            <button
                                type="button"
                                className="btn"
                                onClick={() =>
                                    format.revise('keepLook', { name: look.name, replace: true, ranges: format.ranges })
                                }
                            >
                                Take the look of the selection
                            </button>
                            <button type="button" className="btn" onClick={() => void rename(look.name)}>
                                Rename
                            </button>
                            <button
                                type="button"
                                className="btn text-danger"
                                onClick={() =>
                                    look.worn.length > 0 ? setLeaving(look) : format.revise('dropLook', { name: look.name })
                                }
                            >
                                Delete
                            </button>
                        </div>
                        {leaving?.name === look.name ? (
                            <Leaving
                                look={look}
                                others={looks.data.map((other) => other.name).filter((name) => name !== look.name)}
                                onChoose={(args) => {
                                    setLeaving(null);
                                    if (args) format.revise('dropLook', { name: look.name, ...args });
                                }}
                            />
                        ) : (
                            <p className="mt-1 flex flex-wrap gap-x-3 text-[12px]">
                                {look.worn.length === 0 && <span className="text-quiet">worn nowhere</span>}
                                {look.worn.map((place) => (
                                    <button
                                        key={`${place.workbook}.${place.sheet}`}
                                        type="button"
                                        className="h-6 text-damson underline"
                                        title={place.ranges}
                                        onClick={() => show(place)}
                                    >
                                        {place.workbook === format.id
                                            ? place.sheetName
                                            : `${place.workbookName}, ${place.sheetName}`}
                                        : {counted(place.cells, 'cell')}
                                    </button>
                                ))}
                            </p>
                        )}
                    </li>
                ))}
            </ul>
        </DialogFrame>
    );
}

function Leaving({
    look,
    others,
    onChoose,
}: {
    look: NamedLookRecord;
    others: string[];
    onChoose: (args: object | null) => void;
}) {
    const cells = look.worn.reduce((sum, place) => sum + place.cells, 0);
    return (
        <div className="mt-2 rounded-md bg-ground p-2" role="group" aria-label={`Wearers of ${look.name}`}>
            <p className="mb-2">
                {counted(cells, 'cell wears', 'cells wear')} it. What becomes of {cells === 1 ? 'it' : 'them'}?
            </p>
            <div className="flex flex-wrap gap-1.5">
                <button type="button" className="btn" onClick={() => onChoose({})}>
                    Back to the layer below
                </button>
                <button type="button" className="btn" onClick={() => onChoose({ keep: true })}>
                    Stay as they look, by hand
                </button>
                {others.map((name) => (
                    <button key={name} type="button" className="btn" onClick={() => onChoose({ instead: name })}>
                        Wear {name}
                    </button>
                ))}
                <button type="button" className="btn" onClick={() => onChoose(null)}>
                    Leave it
                </button>
            </div>
        </div>
    );
}
