import { ChevronDown } from 'lucide-react';
import { ColourMenu } from '@/tray/ColourMenu';
import type { Formatter } from '@/tray/useFormat';

/** A colour with its name: any of the palette, of those in use, by eye or by code. */
export function ColourField({
    format,
    label,
    value,
    onChoose,
}: {
    format: Formatter;
    label: string;
    value: string | null;
    onChoose: (hex: string) => void;
}) {
    return (
        <ColourMenu
            format={format}
            label={`${label} colours`}
            value={value}
            onChoose={onChoose}
            button={{
                className: 'flex h-[26px] items-center gap-1 rounded-md border border-hair bg-white px-1.5 text-[11.5px]',
                'aria-label': `Colour: ${label.toLowerCase()}`,
            }}
        >
            {label}
            <span className="h-3.5 w-3.5 rounded-sm border border-black/15" style={{ background: value ?? '#fff' }} />
            <ChevronDown size={12} />
        </ColourMenu>
    );
}
