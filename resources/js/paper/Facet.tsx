import { RotateCcw } from 'lucide-react';
import type { ReactNode } from 'react';
import type { GivenPage, PagesRecord } from '@/api/types';
import { useDraft } from '@/parts/useDraft';
import { sourceOf } from './layers';

/** What facets of the page tray are given: what is in force, and how something else is said. */
export interface Saying {
    pages: PagesRecord;
    /** Name of the stylebook that is worn. */
    book: string | null;
    say: (says: GivenPage) => void;
    /** Leaves rules of this sheet to the layer below. */
    back: (rules: string[]) => void;
}

/** One facet of pages: its title, who says it, and the way back to the layer below. */
export function Facet({
    title,
    rules,
    width,
    saying,
    children,
}: {
    title: string;
    rules: string[];
    width: number;
    saying: Saying;
    children: ReactNode;
}) {
    const source = sourceOf(saying.pages, rules, saying.book);
    return (
        <section
            aria-label={title}
            className="flex flex-none flex-col gap-1.5 border-r border-hair px-2.5 py-2"
            style={{ width }}
        >
            <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold whitespace-nowrap">
                {title}
                <span
                    className="ml-auto flex min-w-0 items-center gap-1 text-[10.5px] font-normal text-quiet"
                    title={source.words}
                >
                    <i className="h-[7px] w-[7px] flex-none rounded-[2px]" style={{ background: source.colour }} />
                    <span className="truncate">{source.words}</span>
                </span>
                {source.here && (
                    <button
                        type="button"
                        className="icon-btn flex-none"
                        aria-label={`Wipe ${title.toLowerCase()} back`}
                        title="Wipe back to the layer below"
                        onClick={() => saying.back(rules)}
                    >
                        <RotateCcw size={12} />
                    </button>
                )}
            </h2>
            {children}
        </section>
    );
}

/** How a button is seen that is on, or off. */
export const pressed = (on: boolean) =>
    on ? 'border-damson bg-damson-soft text-damson' : 'border-hair bg-white hover:bg-ground';

/** A rule that is on or off. */
export function Switch({
    label,
    on,
    onChange,
    title,
}: {
    label: string;
    on: boolean;
    onChange: (on: boolean) => void;
    title?: string;
}) {
    return (
        <button
            type="button"
            role="switch"
            aria-checked={on}
            title={title}
            className={`h-6 rounded-md border px-2 text-[12px] whitespace-nowrap ${pressed(on)}`}
            onClick={() => onChange(!on)}
        >
            {label}
        </button>
    );
}

/** A number with its unit; what is written and no number is left as it was. */
export function Figure({
    label,
    value,
    unit,
    width = 64,
    shown,
    onSet,
}: {
    label: string;
    value: number;
    unit: string;
    width?: number;
    /** What stands there in the place of the number. */
    shown?: string;
    onSet: (value: number) => void;
}) {
    const field = useDraft(shown ?? `${value} ${unit}`, (written) => {
        const any = /^\s*any/i.test(written);
        const found = /-?\d+(?:[.,]\d+)?/.exec(written)?.[0];
        if (any) onSet(0);
        else if (found) onSet(Number(found.replace(',', '.')));
    });
    return <input aria-label={label} title={label} className="field" style={{ width }} {...field} />;
}
