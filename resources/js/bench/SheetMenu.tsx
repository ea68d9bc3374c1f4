import { DropdownMenu } from 'radix-ui';
import type { ActArguments, SheetRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { RowMenu } from '@/parts/RowMenu';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** Colours that tell what a sheet is for; a person decides what they mean. */
const COLOURS: [string, string][] = [
    ['Damson', '#5C2B57'],
    ['Brass', '#A8691C'],
    ['Teal', '#2C6E66'],
    ['Slate', '#4C6A8A'],
    ['Brick', '#9B2335'],
    ['No colour', 'none'],
];

/** The name, the colour and the visibility of a sheet. */
export function SheetMenu({ sheet, sheets, acts }: { sheet: SheetRecord; sheets: SheetRecord[]; acts: Acts }) {
    const place = sheets.findIndex((other) => other.number === sheet.number) + 1;
    const open = () => {
        // An act goes to the sheet in view, so this one is opened first.
        if (useBench.getState().sheet !== sheet.number) useBench.getState().open(sheet.number);
    };
    const act = (args: ActArguments['sheet']) => {
        open();
        void acts.act('sheet', args);
    };
    const move = (to: number) => {
        open();
        void acts.act('order', { to });
    };
    const rename = async () => {
        const name = await ask({
            title: `Rename "${sheet.name}"`,
            label: 'Name of the sheet',
            value: sheet.name,
            action: 'Rename',
        });
        if (name && name !== sheet.name) act({ name });
    };
    return (
        <RowMenu label={`More for the sheet ${sheet.name}`}>
            <DropdownMenu.Item className="menu-item" onSelect={() => void rename()}>
                Rename…
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" onSelect={() => act({ hidden: sheet.state === 'visible' })}>
                {sheet.state === 'visible' ? 'Hide it in the file' : 'Show it in the file'}
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" disabled={place === 1} onSelect={() => move(place - 1)}>
                Move up
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" disabled={place === sheets.length} onSelect={() => move(place + 1)}>
                Move down
            </DropdownMenu.Item>
            <DropdownMenu.Label className="menu-label">Colour</DropdownMenu.Label>
            {COLOURS.map(([words, colour]) => (
                <DropdownMenu.Item key={colour} className="menu-item" onSelect={() => act({ colour })}>
                    <i
                        className="h-3 w-3 rounded-[3px] border border-black/15"
                        style={{ background: colour === 'none' ? '#fff' : colour }}
                    />
                    {words}
                </DropdownMenu.Item>
            ))}
        </RowMenu>
    );
}
