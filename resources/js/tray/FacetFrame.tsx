import { RotateCcw, type LucideIcon } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Formatter } from './useFormat';

const LAYER_COLOURS = ['#B9B1A4', '#8A8192', '#B9B1A4', '#A8691C', '#2C6E66', '#8A8192', '#8E5A8A', '#5C2B57', '#9B2335'];

interface Props {
    title: string;
    icon: LucideIcon;
    facet: string;
    /** The attribute whose layer is shown beside the title. */
    lead: string;
    attributes: string[];
    format: Formatter;
    width: number;
    /** No room for words: the icon alone, its name for those who listen. */
    narrow?: boolean;
    children: ReactNode;
}

/** One facet of the tray: its title, where its value came from, and the way back to the layer below. */
export function FacetFrame({ title, icon: Icon, facet, lead, attributes, format, width, narrow, children }: Props) {
    const states = attributes.flatMap((name) => format.state(name) ?? []);
    const touched = states.some((state) => format.own.includes(state.layer));
    const shown = states.find((state) => format.own.includes(state.layer)) ?? format.state(lead);
    const mixed = states.some((state) => state.mixed);
    return (
        <section
            aria-label={title}
            className="flex flex-none flex-col gap-1.5 border-r border-hair px-2.5 py-2"
            style={{ width }}
        >
            <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold whitespace-nowrap">
                <Icon size={13} strokeWidth={1.75} aria-hidden="true" />
                <span className={narrow ? 'sr-only' : ''}>{title}</span>
                {shown && !narrow && (
                    <span
                        className="ml-auto flex min-w-0 items-center gap-1 text-[10.5px] font-normal text-quiet"
                        title={mixed ? 'The selection differs' : shown.from}
                    >
                        <i
                            className="h-[7px] w-[7px] flex-none rounded-[2px]"
                            style={{ background: LAYER_COLOURS[shown.layer] }}
                        />
                        <span className="truncate">{mixed ? 'mixed' : shown.from.split(' · ')[0]}</span>
                    </span>
                )}
                {touched && (
                    <button
                        type="button"
                        className="icon-btn flex-none"
                        aria-label={`Wipe ${title.toLowerCase()} back`}
                        title={format.book === null ? 'Wipe back to the layer below' : 'Leave it unsaid: the layer below shows'}
                        onClick={() => format.wipe(facet)}
                    >
                        <RotateCcw size={12} />
                    </button>
                )}
            </h2>
            {children}
        </section>
    );
}

/** A small square button that is pressed or not. */
export function Press({
    on,
    label,
    onPress,
    children,
    disabled,
    keys,
}: {
    on?: boolean;
    label: string;
    onPress: () => void;
    children: ReactNode;
    disabled?: boolean;
    keys?: string;
}) {
    return (
        <button
            type="button"
            aria-label={label}
            title={keys ? `${label} (${keys})` : label}
            aria-pressed={on}
            disabled={disabled}
            className={`grid h-[26px] w-[26px] flex-none place-items-center rounded-md border disabled:opacity-40
                    ${on ? 'border-damson bg-damson-soft text-damson' : 'border-hair bg-white hover:bg-ground'}`}
            onClick={onPress}
        >
            {children}
        </button>
    );
}
