import { Layers, Stamp } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { useBench, type Scope } from '@/work/state';
import { MenuButton, PanelButton } from '@/parts/openers';
import { ask } from '@/parts/Ask';
import { liftLook, type Lift } from './liftLook';
import { LooksDialog } from './LooksDialog';
import type { Formatter } from './useFormat';

/** Where an act goes, in the words of the selection; named looks, lifting, and the layers of layers. */
export function ScopeFacet({ format, worn }: { format: Formatter; worn: string | null }) {
    const together = useBench((state) => state.together);
    const cells = useBench((state) =>
        state.selection.reduce((sum, rect) => sum + (rect.bottom - rect.top + 1) * (rect.right - rect.left + 1), 0),
    );
    const words = format.words;
    const sheets = together.length > 0 ? `, ${together.length + 1} sheets` : '';
    const choose = (scope: Scope) => useBench.setState({ scope });
    return (
        <fieldset className="flex w-[182px] min-w-0 flex-none flex-col gap-0.5 border-r border-hair px-2.5 py-2">
            <legend className="float-left h-5 text-[12px] font-semibold">Applies to</legend>
            <Radio
                on={format.scope === 'cells'}
                label={(cells === 1 ? 'This cell' : `These ${cells.toLocaleString('en')} cells`) + sheets}
                onChange={() => choose('cells')}
            />
            <Radio
                on={format.scope === 'here'}
                label={words ? `${words}, ${sheets ? `${together.length + 1} sheets` : 'here'}` : 'One part, here'}
                disabled={!words}
                onChange={() => choose('here')}
            />
            <Radio
                on={format.scope === 'everywhere'}
                label={
                    words
                        ? (format.record?.sheets ?? 0) === 0
                            ? 'Everywhere: no stylebook is worn'
                            : `${words}, ${format.record?.sheets === 1 ? 'everywhere' : `all ${format.record?.sheets ?? 0} sheets`}`
                        : 'Everywhere it is worn'
                }
                title={
                    format.record
                        ? `Wherever the stylebook is worn: ${format.record.sheets} sheets of ${format.record.workbooks} workbooks`
                        : undefined
                }
                disabled={!words || (format.record?.sheets ?? 0) === 0}
                onChange={() => choose('everywhere')}
            />
            <div className="mt-auto flex gap-1">
                <NamedLooks format={format} worn={worn} />
                <LiftMenu format={format} />
                <Ladder format={format} />
            </div>
        </fieldset>
    );
}

function Radio({
    on,
    label,
    title,
    disabled,
    onChange,
}: {
    on: boolean;
    label: string;
    title?: string;
    disabled?: boolean;
    onChange: () => void;
}) {
    return (
        <label
            className={`flex h-6 items-center gap-1.5 text-[11.5px] ${on ? 'font-semibold' : ''} ${disabled ? 'text-[#8a8192]' : ''}`}
            title={title ?? label}
        >
            <input
                type="radio"
                name="applies-to"
                className="flex-none accent-damson"
                checked={on}
                disabled={disabled}
                onChange={onChange}
            />
            <span className="truncate">{label}</span>
        </label>
    );
}

function NamedLooks({ format, worn }: { format: Formatter; worn: string | null }) {
    const [arranging, setArranging] = useState(false);
    const names = format.record?.looks ?? [];
    const keep = async () => {
        const name = await ask({
            title: 'Keep this look under a name',
            about: worn
                ? `It joins ${worn}, can be laid on any sheet that wears it, and its wearers follow when it changes.`
                : 'It joins the named looks of this workbook, can be laid on any of its sheets, and its wearers follow when it changes.',
            label: 'Name of the look',
            action: 'Keep',
        });
        if (name) format.revise('keepLook', { name: name.trim(), ranges: format.ranges });
    };
    return (
        <>
            <MenuButton
                className="btn h-[26px] min-w-0 flex-1 justify-center px-1! text-[11.5px]"
                side="top"
                align="start"
                face={<span className="truncate">Named looks</span>}
            >
                <DropdownMenu.Item className="menu-item" onSelect={() => void keep()}>
                    Keep the look of the selection…
                </DropdownMenu.Item>
                {names.length > 0 && (
                    <>
                        <DropdownMenu.Label className="menu-label">Lay</DropdownMenu.Label>
                        {names.map((name) => (
                            <DropdownMenu.Item key={name} className="menu-item" onSelect={() => format.act('layNamed', { name })}>
                                {name}
                            </DropdownMenu.Item>
                        ))}
                        <DropdownMenu.Item className="menu-item" onSelect={() => format.act('layNamed', { name: '' })}>
                            Take the named look off
                        </DropdownMenu.Item>
                        <DropdownMenu.Separator className="menu-line" />
                        <DropdownMenu.Item className="menu-item" onSelect={() => setArranging(true)}>
                            Where worn, rename, delete…
                        </DropdownMenu.Item>
                    </>
                )}
            </MenuButton>
            {arranging && <LooksDialog format={format} stamp={format.stamp} onClose={() => setArranging(false)} />}
        </>
    );
}

const LIFTS: [words: string, what: Lift][] = [
    ['All of it', { facets: '' }],
    ['All of it, with column widths', { facets: '', widths: true }],
    ['All of it, with conditional looks', { facets: '', conditions: true }],
    ['Conditional looks only', { facets: 'guard', conditions: true, only: true }],
    ['Type only', { facets: 'type' }],
    ['Fill only', { facets: 'fill' }],
    ['Borders only', { facets: 'borders' }],
    ['Place only', { facets: 'place' }],
    ['Number format only', { facets: 'number' }],
    ['All but the number format', { facets: 'type,fill,borders,place' }],
];

function LiftMenu({ format }: { format: Formatter }) {
    return (
        <MenuButton
            className="btn h-[26px]"
            aria-label="Lift the look"
            title="Lift the look, and lay it elsewhere"
            side="top"
            align="start"
            face={<Stamp size={14} />}
        >
            <DropdownMenu.Label className="menu-label">Lift the look of the selection</DropdownMenu.Label>
            {LIFTS.map(([words, what]) => (
                <DropdownMenu.Item key={words} className="menu-item" onSelect={() => liftLook(format.id, format.sheet, what)}>
                    {words}
                </DropdownMenu.Item>
            ))}
        </MenuButton>
    );
}

/** The whole layers of layers of the active cell. */
function Ladder({ format }: { format: Formatter }) {
    const rungs = [...(format.record?.inspection.layers ?? [])].reverse();
    return (
        <PanelButton
            className="btn h-[26px]"
            aria-label="Layers of this cell"
            title="Layers of this cell"
            panel={{ className: 'menu w-80 p-2.5', side: 'top', align: 'start', 'aria-label': 'Layers of this cell' }}
            face={<Layers size={14} />}
        >
            <p className="menu-label px-0!">Layers, the highest first</p>
            {rungs.length === 0 && <p className="text-quiet">Nothing says anything of this cell.</p>}
            <ol>
                {rungs.map((rung, index) => (
                    <li key={index} className="border-t border-hair py-1 text-[12px]">
                        <span className="font-semibold">{rung.from}</span>
                        <span className="block text-quiet">{rung.says}</span>
                    </li>
                ))}
            </ol>
            <div className="mt-2 flex gap-1.5">
                <button type="button" className="btn" onClick={() => format.wipe(null)}>
                    Wipe hand touches
                </button>
                <button type="button" className="btn" onClick={() => format.wipe(null, true)}>
                    Drop what came
                </button>
            </div>
        </PanelButton>
    );
}
