import { useQuery } from '@tanstack/react-query';
import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { api } from '@/api/client';
import { ask } from '@/parts/Ask';
import type { Formatter } from './useFormat';

/** Any colour: the stylebook's with their runs, those in use, or one by hex; named, it joins the palette. */
export function ColourMenu({
    format,
    label,
    value,
    none,
    onChoose,
    children,
}: {
    format: Formatter;
    label: string;
    value: string | null;
    none?: boolean;
    onChoose: (hex: string) => void;
    children: ReactNode;
}) {
    const [open, setOpen] = useState(false);
    const [search, setSearch] = useState('');
    const palette = format.record?.palette;
    const choose = (hex: string) => {
        onChoose(hex);
        setOpen(false);
    };
    const named = palette?.named.filter((swatch) => swatch.name.toLowerCase().includes(search.toLowerCase())) ?? [];
    return (
        <Popover.Root open={open} onOpenChange={setOpen}>
            <Popover.Trigger asChild>{children}</Popover.Trigger>
            <Popover.Portal>
                <Popover.Content className="menu w-[306px] p-2.5" side="top" align="start" aria-label={label}>
                    <input
                        className="field mb-2 w-full"
                        placeholder="Search named colours"
                        aria-label="Search named colours"
                        value={search}
                        onChange={(event) => setSearch(event.target.value)}
                    />
                    {named.map((swatch) => (
                        <div key={swatch.name} className="mb-1.5 flex items-center gap-1.5">
                            <span className="w-[64px] truncate text-[12px]">{swatch.name}</span>
                            <Swatch
                                hex={swatch.hex}
                                label={swatch.name}
                                on={value === swatch.hex}
                                onPress={() => choose(swatch.hex)}
                            />

                            {swatch.run.map((hex, step) => (
                                <Swatch
                                    key={`${step}${hex}`}
                                    hex={hex}
                                    label={`${swatch.name}, step ${step + 1}`}
                                    on={value === hex}
                                    onPress={() => choose(hex)}
                                />
                            ))}
                        </div>
                    ))}
                    {(palette?.used.length ?? 0) > 0 && <p className="menu-label px-0">In use here</p>}
                    <div className="mb-2 flex flex-wrap gap-1.5">
                        {palette?.used.map((hex) => (
                            <Swatch key={hex} hex={hex} label={hex} on={value === hex} onPress={() => choose(hex)} />
                        ))}
                    </div>
                    <HexField
                        format={format}
                        value={value}
                        onChoose={choose}
                        onName={(name, hex) => format.revise('colour', { name, hex })}
                        canName={format.record?.inspection !== undefined && (palette?.named.length ?? 0) > 0}
                    />
                    {none && (
                        <button type="button" className="btn mt-2 w-full justify-center" onClick={() => choose('none')}>
                            No fill
                        </button>
                    )}
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

export function Swatch({ hex, label, on, onPress }: { hex: string; label: string; on?: boolean; onPress: () => void }) {
    return (
        <button
            type="button"
            aria-label={label}
            title={`${label} ${hex}`}
            aria-pressed={on}
            className={`h-[18px] w-[18px] flex-none rounded border ${on ? 'ring-2 ring-damson ring-offset-1' : 'border-black/15'}`}
            style={{ background: hex }}
            onClick={onPress}
        />
    );
}

/** Turns what browsers understand as a colour into hex; the server checks it again. */
function toHex(text: string): string | null {
    const clean = text.trim();
    if (/^#?[0-9a-f]{6}$/i.test(clean)) return `#${clean.replace('#', '').toUpperCase()}`;
    const canvas = document.createElement('canvas').getContext('2d');
    if (!canvas || !/^(rgb|hsl)a?\(/i.test(clean) || !CSS.supports('color', clean)) return null;
    canvas.fillStyle = clean;
    return /^#[0-9a-f]{6}$/i.test(canvas.fillStyle) ? canvas.fillStyle.toUpperCase() : null;
}

function HexField({
    format,
    value,
    onChoose,
    onName,
    canName,
}: {
    format: Formatter;
    value: string | null;
    onChoose: (hex: string) => void;
    onName: (name: string, hex: string) => void;
    canName: boolean;
}) {
    const [text, setText] = useState(value && value !== 'none' ? value : '');
    const hex = toHex(text);
    return (
        <>
            <div className="flex gap-1.5">
                <input
                    className="field min-w-0 flex-1 font-mono text-[11.5px]"
                    aria-label="Colour as hex, rgb() or hsl()"
                    placeholder="#3F2F55, rgb(), hsl()"
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                    onKeyDown={(event) => event.key === 'Enter' && hex && onChoose(hex)}
                />
                <span className="h-7 w-7 flex-none rounded-md border border-hair" style={{ background: hex ?? 'transparent' }} />
                <button type="button" className="btn px-2" disabled={!hex} onClick={() => hex && onChoose(hex)}>
                    Use
                </button>
                {canName && (
                    <button
                        type="button"
                        className="btn px-2"
                        disabled={!hex}
                        title="Name it, and it joins the stylebook's palette"
                        onClick={() => {
                            if (hex)
                                void ask({ title: `Name the colour ${hex}`, label: 'Name', action: 'Name it' }).then(
                                    (name) => name && onName(name.trim(), hex),
                                );
                        }}
                    >
                        Name
                    </button>
                )}
            </div>
            {hex && <Family hex={hex} format={format} onChoose={onChoose} />}
        </>
    );
}

/** From one colour: a dark one for headings, a light one for data, stronger ones for totals. */
function Family({ hex, format, onChoose }: { hex: string; format: Formatter; onChoose: (hex: string) => void }) {
    const { data } = useQuery({ queryKey: ['family', hex], queryFn: () => api.family(hex), staleTime: Infinity });
    return (
        <div className="mt-2 border-t border-hair pt-1.5">
            <p className="menu-label px-0">Its family</p>
            <div className="flex gap-1.5">
                {data?.map(({ part, words, fill, ink }) => (
                    <button
                        key={part}
                        type="button"
                        className="h-7 min-w-0 flex-1 truncate rounded border border-black/15 px-1 text-[11px]"
                        style={{ background: fill, color: ink }}
                        title={`${words}: ${fill}`}
                        onClick={() => onChoose(fill)}
                    >
                        {words}
                    </button>
                ))}
            </div>
            <div className="mt-1.5 flex gap-1.5">
                <button
                    type="button"
                    className="btn flex-1 justify-center px-1 text-[12px]"
                    onClick={() => format.act('family', { hex })}
                >
                    Give it to this sheet
                </button>
                {(format.record?.sheets ?? 0) > 0 && (
                    <button
                        type="button"
                        className="btn flex-1 justify-center px-1 text-[12px]"
                        onClick={() => format.revise('family', { hex })}
                    >
                        To all {format.record?.sheets} that wear it
                    </button>
                )}
            </div>
        </div>
    );
}
