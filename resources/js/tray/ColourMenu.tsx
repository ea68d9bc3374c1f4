import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { HexColorPicker } from 'react-colorful';
import { useState, type CSSProperties, type ReactNode } from 'react';
import { api } from '@/api/client';
import type { SwatchGroup } from '@/api/types';
import { ask } from '@/parts/Ask';
import { PanelButton } from '@/parts/openers';
import { useBench, type Trial } from '@/work/state';
import { trying } from '@/work/trial';
import type { Formatter } from './useFormat';

/**
 * Any colour: named ones with their runs, those in use, one by eye or by code; named, it joins the stylebook's palette or the
 * workbook's colours.
 */
export function ColourMenu({
    format,
    label,
    value,
    none,
    against,
    onChoose,
    onStripes,
    trialOf,
    button,
    children,
}: {
    format: Formatter;
    label: string;
    value: string | null;
    none?: boolean;
    /** The colour that it stands on, or that stands on it. */
    against?: string;
    onChoose: (hex: string) => void;
    /** Fills that take turns are asked for, in the colour that is written. */
    onStripes?: (hex: string | null) => void;
    /** What resting on a colour tries. */
    trialOf?: (hex: string) => Trial | null;
    /** The button that opens it; what stands on it are the children. */
    button: { className: string; style?: CSSProperties; 'aria-label'?: string; title?: string };
    children?: ReactNode;
}) {
    const [open, setOpen] = useState(false);
    const [search, setSearch] = useState('');
    const [byEye, setByEye] = useState(false);
    const [text, setText] = useState('');
    const palette = format.record?.palette;
    const choose = (hex: string) => {
        if (trialOf) useBench.getState().tryOn(null);
        onChoose(hex);
        setOpen(false);
    };
    const groups = (palette?.groups ?? [])
        .map((group) => ({
            ...group,
            swatches: group.swatches.filter((swatch) => swatch.name.toLowerCase().includes(search.toLowerCase())),
        }))
        .filter((group) => group.swatches.length > 0);
    return (
        <PanelButton
            {...button}
            opened={open}
            onOpen={(on) => {
                setOpen(on);
                // What was rested on is gone with the menu.
                if (!on && trialOf) useBench.getState().tryOn(null);
                setText(value && value !== 'none' ? value : '');
            }}
            panel={{ className: 'menu w-[318px] p-2.5', side: 'top', align: 'start', 'aria-label': label }}
            face={children}
        >
            <div className="mb-2 flex gap-1.5">
                <input
                    className="field min-w-0 flex-1"
                    placeholder="Search named colours"
                    aria-label="Search named colours"
                    value={search}
                    onChange={(event) => {
                        setSearch(event.target.value);
                        setByEye(false);
                    }}
                />
                <button type="button" className="btn" aria-pressed={byEye} onClick={() => setByEye(!byEye)}>
                    {byEye ? 'By name' : 'By eye'}
                </button>
            </div>
            {/* Of one height, so that nothing moves under the pointer. */}
            <div className="h-[176px] overflow-auto">
                {byEye && (
                    <div className="flex gap-2.5">
                        <HexColorPicker
                            style={{ width: 190, height: 172 }}
                            color={toHex(text) ?? '#888888'}
                            onChange={(hex) => setText(hex.toUpperCase())}
                        />
                        <Contrast hex={toHex(text)} against={against} />
                    </div>
                )}
                {!byEye && groups.length === 0 && <p className="text-[12px] text-quiet">No colour has that in its name.</p>}
                {!byEye &&
                    groups.map((group) => (
                        <Named
                            key={group.from}
                            group={group}
                            heading={groups.length > 1}
                            value={value}
                            onChoose={choose}
                            trialOf={trialOf}
                            onTakeOut={(name) => format.revise('dropColour', { name })}
                        />
                    ))}
            </div>
            {(palette?.used.length ?? 0) > 0 && <p className="menu-label px-0!">In use here</p>}
            <div className="mb-2 flex flex-wrap gap-1.5">
                {palette?.used.map((hex) => (
                    <Swatch
                        key={hex}
                        hex={hex}
                        label={hex}
                        on={value === hex}
                        trial={trialOf?.(hex)}
                        onPress={() => choose(hex)}
                    />
                ))}
            </div>
            <HexField
                format={format}
                text={text}
                onText={setText}
                onChoose={choose}
                onName={(name, hex) => format.revise('colour', { name, hex })}
                joins={palette?.joins ?? ''}
            />
            {none && (
                <div className="mt-2 flex gap-1.5">
                    <button type="button" className="btn flex-1 justify-center" onClick={() => choose('none')}>
                        No fill
                    </button>
                    {onStripes && (
                        <button
                            type="button"
                            className="btn flex-1 justify-center"
                            onClick={() => {
                                setOpen(false);
                                onStripes(toHex(text));
                            }}
                        >
                            Stripes…
                        </button>
                    )}
                </div>
            )}
        </PanelButton>
    );
}

/** Colours of one place, each with its run from light to dark. */
function Named({
    group,
    heading,
    value,
    onChoose,
    trialOf,
    onTakeOut,
}: {
    group: SwatchGroup;
    heading: boolean;
    value: string | null;
    onChoose: (hex: string) => void;
    trialOf?: (hex: string) => Trial | null;
    onTakeOut: (name: string) => void;
}) {
    return (
        <div role="group" aria-label={group.from}>
            {heading && <p className="menu-label px-0!">{group.from}</p>}
            {group.swatches.map((swatch) => (
                <div key={swatch.name} className="mb-1.5 flex items-center gap-1.5">
                    <span className="w-[64px] truncate text-[12px]" title={swatch.name}>
                        {swatch.name}
                    </span>
                    <Swatch
                        hex={swatch.hex}
                        label={swatch.name}
                        on={value === swatch.hex}
                        trial={trialOf?.(swatch.hex)}
                        onPress={() => onChoose(swatch.hex)}
                    />
                    {swatch.run.map((hex, step) => (
                        <Swatch
                            key={`${step}${hex}`}
                            hex={hex}
                            label={`${swatch.name}, step ${step + 1}`}
                            on={value === hex}
                            trial={trialOf?.(hex)}
                            onPress={() => onChoose(hex)}
                        />
                    ))}
                    {group.own && (
                        <button
                            type="button"
                            className="flex h-6 w-6 flex-none items-center justify-center rounded text-quiet hover:bg-ground"
                            aria-label={`Take out ${swatch.name}`}
                            title="Take it out of the named colours; cells keep theirs"
                            onClick={() => onTakeOut(swatch.name)}
                        >
                            <X size={13} />
                        </button>
                    )}
                </div>
            ))}
        </div>
    );
}

export function Swatch({
    hex,
    label,
    on,
    trial = null,
    onPress,
}: {
    hex: string;
    label: string;
    on?: boolean;
    /** What resting on it tries. */
    trial?: Trial | null;
    onPress: () => void;
}) {
    return (
        <button
            type="button"
            aria-label={label}
            title={`${label} ${hex}`}
            aria-pressed={on}
            className={`h-[18px] w-[18px] flex-none rounded border ${on ? 'ring-2 ring-damson ring-offset-1' : 'border-black/15'}`}
            style={{ background: hex }}
            {...trying(trial)}
            onClick={() => {
                if (trial) useBench.getState().tryOn(null);
                onPress();
            }}
        />
    );
}

/** Turns what browsers understand as a colour into hex; the server checks it again. */
function toHex(text: string): string | null {
    const clean = text.trim();
    if (/^#?[0-9a-f]{6}$/i.test(clean)) return `#${clean.replace('#', '').toUpperCase()}`;
    if (/^#?[0-9a-f]{3}$/i.test(clean))
        return `#${[...clean.replace('#', '')]
            .map((digit) => digit + digit)
            .join('')
            .toUpperCase()}`;
    const canvas = document.createElement('canvas').getContext('2d');
    if (!canvas || !/^((rgb|hsl|oklch|lch|lab|oklab|hwb)a?\(|[a-z]+$)/i.test(clean) || !CSS.supports('color', clean)) return null;
    if (/^(transparent|currentcolor|inherit|initial|unset|revert)/i.test(clean)) return null;
    canvas.fillStyle = clean;
    return /^#[0-9a-f]{6}$/i.test(canvas.fillStyle) ? canvas.fillStyle.toUpperCase() : null;
}

function HexField({
    format,
    text,
    onText,
    onChoose,
    onName,
    joins,
}: {
    format: Formatter;
    text: string;
    onText: (text: string) => void;
    onChoose: (hex: string) => void;
    onName: (name: string, hex: string) => void;
    joins: string;
}) {
    const hex = toHex(text);
    return (
        <>
            <div className="flex gap-1.5">
                <input
                    className="field min-w-0 flex-1 font-mono text-[11.5px]"
                    aria-label="Colour as a name or a code"
                    placeholder="navy, #3F2F55, rgb()"
                    aria-invalid={text.trim() !== '' && !hex}
                    value={text}
                    onChange={(event) => onText(event.target.value)}
                    onKeyDown={(event) => event.key === 'Enter' && hex && onChoose(hex)}
                />
                <span className="h-7 w-7 flex-none rounded-md border border-hair" style={{ background: hex ?? 'transparent' }} />
                <button type="button" className="btn" disabled={!hex} onClick={() => hex && onChoose(hex)}>
                    Use
                </button>
                <button
                    type="button"
                    className="btn"
                    disabled={!hex}
                    title={`Name it, and it joins ${joins}`}
                    onClick={() => {
                        if (hex)
                            void ask({
                                title: `Name the colour ${hex}`,
                                about: `It joins ${joins}.`,
                                label: 'Name',
                                action: 'Name it',
                            }).then((name) => name && onName(name.trim(), hex));
                    }}
                >
                    Name
                </button>
            </div>
            <div className="mt-2 h-[96px] border-t border-hair pt-1.5">
                {hex ? (
                    <Family hex={hex} format={format} onChoose={onChoose} />
                ) : (
                    <p className="text-[12px] text-quiet" role="status">
                        {text.trim() === ''
                            ? 'Choose one, or write a name such as navy or a code such as #3F2F55.'
                            : `“${text.trim()}” is no colour: a name such as navy, a code such as #3F2F55 or #FFF, ` +
                              'rgb(), hsl() and oklch() are understood.'}
                    </p>
                )}
            </div>
        </>
    );
}

/** How a colour stands against the one that it is seen with. */
function Contrast({ hex, against }: { hex: string | null; against: string | undefined }) {
    const { data } = useQuery({
        queryKey: ['contrast', hex, against],
        queryFn: () => api.contrast(hex ?? '', against ?? ''),
        enabled: hex !== null && against !== undefined,
        staleTime: Infinity,
        placeholderData: (old) => old,
    });
    if (!hex) return null;
    const low = data !== undefined && data.ratio < 4.5;
    return (
        <div className="min-w-0 flex-1 text-[11.5px]">
            <span className="mb-1.5 block h-14 rounded border border-black/15" style={{ background: hex }} />
            <span className="font-mono">{hex}</span>
            {against && data && (
                <p className={`mt-2 ${low ? 'text-danger' : ''}`}>
                    <b>{data.ratio.toFixed(1)} : 1</b> against {against},{' '}
                    {low ? 'hard to read' : data.ratio >= 7 ? 'reads well' : 'readable'}
                </p>
            )}
        </div>
    );
}

/** From one colour: a dark one for headings, a light one for data, stronger ones for totals. */
function Family({ hex, format, onChoose }: { hex: string; format: Formatter; onChoose: (hex: string) => void }) {
    const { data } = useQuery({ queryKey: ['family', hex], queryFn: () => api.family(hex), staleTime: Infinity });
    return (
        <div>
            <p className="menu-label px-0!">Its family</p>
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
                    className="btn flex-1 justify-center text-[12px]"
                    onClick={() => format.act('family', { hex })}
                >
                    Give it to this sheet
                </button>
                {(format.record?.sheets ?? 0) > 1 && (
                    <button
                        type="button"
                        className="btn flex-1 justify-center text-[12px]"
                        onClick={() => format.revise('family', { hex })}
                    >
                        To all {format.record?.sheets} that wear it
                    </button>
                )}
            </div>
        </div>
    );
}
