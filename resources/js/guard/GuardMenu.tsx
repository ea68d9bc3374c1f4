import { EllipsisVertical } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { GuardRecord, SheetDetail } from '@/api/types';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { headsSay, letterActions } from './heads';
import { guardOrder } from './lift';
import { readAs } from './reader';
import { MenuButton } from '@/parts/openers';

/** What is done with all of a sheet, or of the chosen ones, to guard it. */
export function GuardMenu({ detail, record, acts }: { detail: SheetDetail; record: GuardRecord | undefined; acts: Acts }) {
    const together = useBench((state) => state.together);
    const sheets = [detail.number, ...together];
    const item = (words: string, run: () => void) => (
        <DropdownMenu.Item key={words} className="menu-item" onSelect={run}>
            {words}
        </DropdownMenu.Item>
    );
    const here = together.length > 0 ? ` on ${sheets.length} sheets` : '';
    const mark = (where: number[] | 'all') => void acts.act('mark', { part: 'formula_cell', on: true, sheets: where });
    return (
        <MenuButton
            className="icon-btn -my-1.5"
            aria-label="More of entry and guard"
            align="start"
            face={<EllipsisVertical size={13} />}
        >
            {item(`Lock formulas, open entries${here}`, () => void acts.act('guardFormulas', { sheets }))}
            {item(`Mark the formulas${here}`, () => mark(sheets))}
            {item('Mark the formulas on all sheets', () => mark('all'))}
            {item('Try it as the reader', () => readAs(true))}
            <DropdownMenu.Separator className="menu-line" />
            {item('Arrange this sheet by its role', () => void acts.act('followRoles', { sheets: [detail.number] }))}
            {item('Arrange all sheets by their roles', () => void acts.act('followRoles', { sheets: 'all', order: true }))}
            {item('Add or renew a sheet of looks', () => void acts.act('addSheet', { of: 'looks' }))}
            {item('Add or renew a sheet of contents', () => void acts.act('addSheet', { of: 'contents' }))}
            <DropdownMenu.Separator className="menu-line" />
            {letterActions(acts, detail).map(({ words, run }) => item(words, run))}
            {item('Headings say what is below…', () => void headsSay(acts, detail.wears))}
            <DropdownMenu.Separator className="menu-line" />
            {item(
                record?.isOrderProtected ? 'Lift the protection of the order' : 'Protect the order of the sheets…',
                () => void guardOrder(acts, record),
            )}
        </MenuButton>
    );
}
