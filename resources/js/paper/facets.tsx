import { RectangleHorizontal, RectangleVertical, Scan } from 'lucide-react';
import { useState } from 'react';
import { Select } from '@/parts/Select';
import { PanelButton } from '@/parts/openers';
import { counted } from '@/parts/counted';
import { selectionText, useBench } from '@/work/state';
import { Facet, Figure, pressed, Switch, type Saying } from './Facet';
import { PageColour } from './PageColour';
import { flag, number, text, wanted } from './layers';

/** Widths of the facets of pages, px, in the order of work. */
export const WIDTHS = { Scope: 178, Paper: 204, Size: 196, Prints: 216, Breaks: 178, Edges: 150, Edge: 154 };

const PAPERS = ['A4', 'A3', 'A5', 'A2', 'A6', 'B4', 'B5', 'C4', 'C5', 'C6', 'DL', 'Letter', 'Legal', 'Tabloid', 'Executive'];
const SIDES = ['top', 'right', 'bottom', 'left'];

export function PaperFacet({ saying }: { saying: Saying }) {
    const { pages, say } = saying;
    const paper = text(pages, 'paper');
    const turn = text(pages, 'turn');
    const ways = [
        ['upright', 'Upright', RectangleVertical],
        ['turned', 'Turned', RectangleHorizontal],
        ['better', 'Whichever is better', Scan],
    ] as const;
    return (
        <Facet title="Paper" rules={['paper', 'turn']} width={WIDTHS.Paper} saying={saying}>
            <Select
                label="Paper size"
                wide
                value={paper}
                choices={[
                    ...PAPERS.map((name) => [name, name === paper ? pages.paper : name]),
                    ...(PAPERS.includes(paper) ? [] : [[paper, pages.paper]]),
                ]}
                onChange={(name) => say({ paper: name })}
            />
            <div className="flex items-center gap-1">
                <span role="group" aria-label="Direction" className="flex flex-none gap-1">
                    {ways.map(([name, words, Icon]) => (
                        <button
                            key={name}
                            type="button"
                            aria-pressed={turn === name}
                            aria-label={words}
                            title={words}
                            className={`grid h-[26px] w-[28px] place-items-center rounded-md border ${pressed(turn === name)}`}
                            onClick={() => say({ turn: name })}
                        >
                            <Icon size={15} strokeWidth={1.75} />
                        </button>
                    ))}
                </span>
                <OwnPaper say={say} />
            </div>
            <p className="text-[11.5px] leading-tight text-quiet">{pages.turnWords}</p>
        </Facet>
    );
}

/** Paper of one's own size. */
function OwnPaper({ say }: { say: Saying['say'] }) {
    const [width, setWidth] = useState('200');
    const [height, setHeight] = useState('300');
    return (
        <PanelButton
            className="btn h-[26px] text-[12px]"
            panel={{ className: 'menu flex items-center gap-1.5 p-2.5', side: 'top', 'aria-label': 'Paper of your own size' }}
            face="Own size"
        >
            <input
                aria-label="Width of the paper, mm"
                className="field w-14"
                value={width}
                onChange={(event) => setWidth(event.target.value)}
            />
            ×
            <input
                aria-label="Height of the paper, mm"
                className="field w-14"
                value={height}
                onChange={(event) => setHeight(event.target.value)}
            />
            mm
            <button
                type="button"
                className="btn btn-primary h-7"
                onClick={() => say({ paper: `${width.trim().replace(',', '.')} x ${height.trim().replace(',', '.')} mm` })}
            >
                Take it
            </button>
        </PanelButton>
    );
}

export function SizeFacet({ saying, onNarrow }: { saying: Saying; onNarrow: () => void }) {
    const { pages, say } = saying;
    const [wide, tall] = [number(pages, 'wide'), number(pages, 'tall')];
    const fits = wide > 0 || tall > 0;
    return (
        <Facet title="Size on it" rules={['scale', 'wide', 'tall', 'least']} width={WIDTHS.Size} saying={saying}>
            <div className="flex gap-1">
                <Select
                    label="How it is sized"
                    value={fits ? 'fit' : 'scale'}
                    choices={[
                        ['fit', 'fit'],
                        ['scale', 'scale'],
                    ]}
                    onChange={(how) => say(how === 'fit' ? { wide: 1, tall: 0 } : { wide: 0, tall: 0, scale: pages.scale })}
                />
                {fits ? (
                    <>
                        <Figure
                            label="Pages wide"
                            value={wide}
                            unit="wide"
                            shown={wanted(wide, 'wide')}
                            width={58}
                            onSet={(value) => say({ wide: Math.round(value) })}
                        />
                        <Figure
                            label="Pages tall"
                            value={tall}
                            unit="tall"
                            shown={wanted(tall, 'tall')}
                            width={58}
                            onSet={(value) => say({ tall: Math.round(value) })}
                        />
                    </>
                ) : (
                    <Figure
                        label="Scale in percent"
                        value={number(pages, 'scale')}
                        unit="%"
                        onSet={(value) => say({ scale: Math.round(value) })}
                    />
                )}
            </div>
            <p className="text-[11.5px] leading-tight text-quiet">{pages.sizeWords}</p>
            <label className="flex items-center gap-1 text-[11.5px] text-quiet">
                smallest allowed
                <Figure
                    label="Smallest type, pt"
                    value={number(pages, 'least')}
                    unit="pt"
                    width={48}
                    onSet={(value) => say({ least: Math.round(value) })}
                />
            </label>
            {pages.scale < 100 && pages.tableRow > 0 && (
                <button
                    type="button"
                    className="w-fit text-[12px] text-damson underline"
                    title="The columns share the width of the page: texts wrap, figures and words stay whole"
                    onClick={onNarrow}
                >
                    Narrow the columns to the page
                </button>
            )}
        </Facet>
    );
}

export function PrintsFacet({ saying }: { saying: Saying }) {
    const { pages, say } = saying;
    const area = text(pages, 'area');
    const prints = area === '' ? text(pages, 'prints') : 'area';
    const chosen = () => selectionText(useBench.getState().selection);
    return (
        <Facet
            title="What prints"
            rules={['prints', 'area', 'heads', 'labels', 'gridlines', 'numbers', 'mono', 'errors', 'order']}
            width={WIDTHS.Prints}
            saying={saying}
        >
            <div className="flex gap-1">
                <Select
                    label="Cells that print"
                    wide
                    value={prints}
                    choices={[
                        ['sheet', 'the whole sheet'],
                        ['tables', 'tables, without notes'],
                        ['area', area === '' ? `the selection, ${chosen().slice(0, 18)}` : `cells ${area.slice(0, 18)}`],
                    ]}
                    onChange={(what) =>
                        say(what === 'area' ? { area: chosen() } : { prints: what, area: area === '' ? null : '' })
                    }
                />
            </div>
            <div className="flex flex-wrap gap-1">
                <Switch
                    label="Headings"
                    title="Headings stand on every page"
                    on={flag(pages, 'heads')}
                    onChange={(on) => say({ heads: on })}
                />
                <Switch
                    label="Labels"
                    title="Label columns stand on every page"
                    on={flag(pages, 'labels')}
                    onChange={(on) => say({ labels: on })}
                />
                <PanelButton
                    className="btn h-6 text-[12px]"
                    panel={{ className: 'menu grid w-[236px] gap-1.5 p-2.5', side: 'top', 'aria-label': 'What else prints' }}
                    face="And…"
                >
                    <Switch label="Gridlines" on={flag(pages, 'gridlines')} onChange={(on) => say({ gridlines: on })} />
                    <Switch
                        label="Row numbers and column letters"
                        on={flag(pages, 'numbers')}
                        onChange={(on) => say({ numbers: on })}
                    />
                    <Switch label="Black and white" on={flag(pages, 'mono')} onChange={(on) => say({ mono: on })} />
                    <label className="grid gap-1 text-[12px]">
                        Errors stand there as
                        <Select
                            label="Errors stand there as"
                            value={text(pages, 'errors')}
                            choices={[
                                ['shown', 'they are'],
                                ['blank', 'blanks'],
                                ['dashes', '--'],
                                ['na', '#N/A'],
                            ]}
                            onChange={(errors) => say({ errors })}
                        />
                    </label>
                    <label className="grid gap-1 text-[12px]">
                        Pages follow each other
                        <Select
                            label="Order of the pages"
                            value={text(pages, 'order')}
                            choices={[
                                ['down', 'down, then to the side'],
                                ['across', 'to the side, then down'],
                            ]}
                            onChange={(order) => say({ order })}
                        />
                    </label>
                </PanelButton>
            </div>
            <p className="text-[11.5px] leading-tight text-quiet">
                {flag(pages, 'heads') && flag(pages, 'labels')
                    ? 'headings and labels repeat'
                    : flag(pages, 'heads')
                      ? 'headings repeat'
                      : ''}
            </p>
        </Facet>
    );
}

export function BreaksFacet({ saying, onFree }: { saying: Saying; onFree: () => void }) {
    const { pages, say } = saying;
    return (
        <Facet title="Breaks" rules={['keep', 'each']} width={WIDTHS.Breaks} saying={saying}>
            <Switch
                label="Groups and totals whole"
                title="No page ends between a heading and its rows, or a total and the row above it"
                on={flag(pages, 'keep')}
                onChange={(on) => say({ keep: on })}
            />
            <Switch label="One at each group" on={flag(pages, 'each')} onChange={(on) => say({ each: on })} />
            {pages.breaks > 0 ? (
                <button type="button" className="w-fit text-[12px] text-damson underline" onClick={onFree}>
                    Take {counted(pages.breaks, 'break')} out
                </button>
            ) : (
                <p className="text-[11.5px] leading-tight text-quiet">drag the line on a page to move its end</p>
            )}
        </Facet>
    );
}

export function EdgesFacet({ saying }: { saying: Saying }) {
    const { pages, say } = saying;
    const margins = SIDES.map((side) => number(pages, side));
    const alike = margins.every((margin) => margin === margins[0]);
    return (
        <Facet
            title="Edges"
            rules={[...SIDES, 'head', 'foot', 'across', 'down', 'colour', 'band']}
            width={WIDTHS.Edges}
            saying={saying}
        >
            <div className="flex gap-1">
                <Figure
                    label="Margins all round"
                    value={margins[0] ?? 0}
                    unit="mm"
                    width={62}
                    shown={alike ? undefined : 'various'}
                    onSet={(value) => say(Object.fromEntries(SIDES.map((side) => [side, value])))}
                />
                <PanelButton
                    className="btn h-[26px] text-[12px]"
                    panel={{
                        className: 'menu grid w-[228px] grid-cols-2 gap-1.5 p-2.5',
                        side: 'top',
                        'aria-label': 'Each margin',
                    }}
                    face="Each"
                >
                    {[...SIDES, 'head', 'foot'].map((side) => (
                        <label key={side} className="grid gap-0.5 text-[12px] first-letter:uppercase">
                            {side === 'head' ? 'head from the edge' : side === 'foot' ? 'foot from the edge' : side}
                            <Figure
                                label={`Margin, ${side}`}
                                value={number(pages, side)}
                                unit="mm"
                                width={92}
                                onSet={(value) => say({ [side]: value })}
                            />
                        </label>
                    ))}
                    <Switch label="Centred across" on={flag(pages, 'across')} onChange={(on) => say({ across: on })} />
                    <Switch label="Centred down" on={flag(pages, 'down')} onChange={(on) => say({ down: on })} />
                </PanelButton>
            </div>
            <PageColour label="Page colour" value={text(pages, 'colour')} onSet={(colour) => say({ colour })} />
            <PageColour label="Band at the head" value={text(pages, 'band')} onSet={(band) => say({ band })} />
        </Facet>
    );
}
