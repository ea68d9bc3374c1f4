import { ChevronRight } from 'lucide-react';
import { ContextMenu } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { COLUMNS, ROWS } from '@/grid/address';
import { AxisItems, useStretch } from './AxisItems';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** The menu of the cells: by the other mouse button, the menu key or Shift+F10. */
export function CellMenu({
    acts,
    onEdit,
    onClear,
    onTakes,
    children,
}: {
    acts: Acts;
    onEdit: () => void;
    onClear: () => void;
    onTakes: () => void;
    children: ReactNode;
}) {
    // The editor takes the focus, so it opens when the menu has given it back.
    const say = (as: 'entry' | 'none') =>
        void acts.act('sayEntries', { ranges: selectionText(useBench.getState().selection), as });
    const then = useRef<(() => void) | null>(null);
    return (
        <ContextMenu.Root modal={false}>
            <ContextMenu.Trigger asChild>{children}</ContextMenu.Trigger>
            <ContextMenu.Portal>
                <ContextMenu.Content
                    className="menu"
                    aria-label="The chosen cells"
                    onCloseAutoFocus={(event) => {
                        if (!then.current) return;
                        event.preventDefault();
                        then.current();
                        then.current = null;
                    }}
                >
                    <ContextMenu.Item className="menu-item" onSelect={() => (then.current = onEdit)}>
                        Edit the cell
                    </ContextMenu.Item>
                    <ContextMenu.Item className="menu-item" onSelect={onClear}>
                        Clear what the cells hold
                    </ContextMenu.Item>
                    <ContextMenu.Separator className="menu-line" />
                    <ContextMenu.Item className="menu-item" onSelect={onTakes}>
                        What they take…
                    </ContextMenu.Item>
                    <ContextMenu.Item className="menu-item" onSelect={() => say('entry')}>
                        They are entry cells
                    </ContextMenu.Item>
                    <ContextMenu.Item className="menu-item" onSelect={() => say('none')}>
                        They are no entry cells
                    </ContextMenu.Item>
                    <ContextMenu.Separator className="menu-line" />
                    <Stretch axis="rows" most={ROWS} acts={acts} />
                    <Stretch axis="columns" most={COLUMNS} acts={acts} />
                </ContextMenu.Content>
            </ContextMenu.Portal>
        </ContextMenu.Root>
    );
}

function Stretch({ axis, most, acts }: { axis: 'rows' | 'columns'; most: number; acts: Acts }) {
    const { first, last, named } = useStretch(axis);
    // All rows are chosen where whole columns are.
    if (first === 1 && last === most) return null;
    return (
        <ContextMenu.Sub>
            <ContextMenu.SubTrigger className="menu-item justify-between">
                {named} <ChevronRight size={13} aria-hidden="true" />
            </ContextMenu.SubTrigger>
            <ContextMenu.Portal>
                <ContextMenu.SubContent className="menu">
                    <AxisItems axis={axis} acts={acts} />
                </ContextMenu.SubContent>
            </ContextMenu.Portal>
        </ContextMenu.Sub>
    );
}
