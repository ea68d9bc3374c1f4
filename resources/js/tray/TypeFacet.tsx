import { Bold, ChevronDown, Italic, Strikethrough, Subscript, Superscript, Type, Underline } from 'lucide-react';
import { useState } from 'react';
import { FAMILIES } from '@/api/types';
import { PanelButton } from '@/parts/openers';
import { useDraft } from '@/parts/useDraft';
import { FacetFrame, Press } from './FacetFrame';
import type { Formatter } from './useFormat';

const SIZES = ['8', '9', '10', '11', '12', '14', '16', '18', '21', '24', '30', '36'];
const TYPE = ['font', 'size', 'bold', 'italic', 'underline', 'strike', 'script'];

const NEXT_LINE: Record<string, string> = { none: 'single', single: 'double' };

export function TypeFacet({ format }: { format: Formatter }) {
    const underline = format.value('underline') ?? 'none';
    const script = format.value('script') ?? 'none';
    return (
        <FacetFrame title="Type" icon={Type} facet="type" lead="font" attributes={TYPE} format={format} width={186}>
            <div className="flex gap-1.5">
                <FontPicker format={format} />
                <SizeField format={format} />
            </div>
            <div className="flex gap-0.5">
                <Press
                    on={format.is('bold')}
                    label="Bold"
                    keys="Ctrl+B"
                    onPress={() => format.format((now) => ({ bold: !now.is('bold') }))}
                >
                    <Bold size={14} />
                </Press>
                <Press
                    on={format.is('italic')}
                    label="Italic"
                    keys="Ctrl+I"
                    onPress={() => format.format((now) => ({ italic: !now.is('italic') }))}
                >
                    <Italic size={14} />
                </Press>
                <Press
                    on={underline !== 'none'}
                    label={underline === 'single' ? 'Double underline' : underline === 'double' ? 'No underline' : 'Underline'}
                    keys="Ctrl+U"
                    onPress={() => format.format((now) => ({ underline: NEXT_LINE[now.value('underline') ?? 'none'] ?? 'none' }))}
                >
                    <Underline size={14} style={underline === 'double' ? { borderBottom: '1px solid' } : undefined} />
                </Press>
                <Press
                    on={format.is('strike')}
                    label="Strike"
                    onPress={() => format.format((now) => ({ strike: !now.is('strike') }))}
                >
                    <Strikethrough size={14} />
                </Press>
                <Press
                    on={script === 'super'}
                    label="Superscript"
                    onPress={() => format.format((now) => ({ script: now.value('script') === 'super' ? 'none' : 'super' }))}
                >
                    <Superscript size={14} />
                </Press>
                <Press
                    on={script === 'sub'}
                    label="Subscript"
                    onPress={() => format.format((now) => ({ script: now.value('script') === 'sub' ? 'none' : 'sub' }))}
                >
                    <Subscript size={14} />
                </Press>
            </div>
        </FacetFrame>
    );
}

function FontPicker({ format }: { format: Formatter }) {
    const [open, setOpen] = useState(false);
    const [text, setText] = useState('');
    const font = format.value('font');
    const found = FAMILIES.filter((family) => family.toLowerCase().includes(text.toLowerCase()));
    const choose = (family: string | undefined) => {
        if (family) format.format({ font: family });
        setOpen(false);
        setText('');
    };
    return (
        <PanelButton
            className="flex h-[26px] min-w-0 flex-1 items-center justify-between rounded-md border border-hair bg-white px-2"
            aria-label={`Font: ${font ?? 'mixed'}`}
            opened={open}
            onOpen={setOpen}
            panel={{ className: 'menu w-56', side: 'top', align: 'start', 'aria-label': 'Fonts' }}
            face={
                <>
                    <span className="truncate">{font ?? (format.state('font')?.mixed ? 'mixed' : 'Carlito')}</span>
                    <ChevronDown size={13} aria-hidden="true" />
                </>
            }
        >
            <input
                className="field mb-1 w-full"
                aria-label="Search fonts"
                placeholder="Search fonts"
                value={text}
                onChange={(event) => setText(event.target.value)}
                onKeyDown={(event) => event.key === 'Enter' && choose(found[0])}
            />
            {found.map((family) => (
                <button
                    key={family}
                    type="button"
                    className="menu-item w-full text-left hover:bg-damson-soft"
                    style={{ fontFamily: `'${family}'` }}
                    onClick={() => choose(family)}
                >
                    {family}
                </button>
            ))}
        </PanelButton>
    );
}

function SizeField({ format }: { format: Formatter }) {
    const size = format.value('size');
    const field = useDraft(size ?? '', (written) => {
        const number = Number(written.replace(',', '.'));
        if (Number.isFinite(number)) format.format({ size: number });
    });
    return (
        <>
            <input
                className="field w-[52px]"
                aria-label="Size in points"
                list="sizes"
                placeholder={format.state('size')?.mixed ? '–' : '11'}
                {...field}
            />
            <datalist id="sizes">
                {SIZES.map((value) => (
                    <option key={value} value={value} />
                ))}
            </datalist>
        </>
    );
}
