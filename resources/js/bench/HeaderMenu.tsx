import { ContextMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { letters } from '@/grid/address';
import { useBench } from './state';
import type { Acts } from './useActs';

/** The menu of row numbers and column letters: puts rows or columns in beside the selection, or takes it out. */
export function HeaderMenu({ axis, acts, children }: { axis: 'rows' | 'columns'; acts: Acts; children: ReactNode }) {
    const range = useBench((state) => state.selection[state.selection.length - 1]);
    const rows = axis === 'rows';
    const first = (rows ? range?.top : range?.left) ?? 1;
    const last = (rows ? range?.bottom : range?.right) ?? 1;
    const count = last - first + 1;
    const many = count === 1 ? (rows ? 'row' : 'column') : `${count} ${axis}`;
    const name = (index: number) => (rows ? String(index) : letters(index));
    const move = (at: number, inside: boolean) => void acts.act('move', { axis, at, count, in: inside });
    return (
        <ContextMenu.Root>
            <ContextMenu.Trigger asChild>{children}</ContextMenu.Trigger>
            <ContextMenu.Portal>
                <ContextMenu.Content className="menu">
                    <ContextMenu.Item className="menu-item" onSelect={() => move(first, true)}>
                        Put {many} in {rows ? 'above' : 'before'} {name(first)}
                    </ContextMenu.Item>
                    <ContextMenu.Item className="menu-item" onSelect={() => move(last + 1, true)}>
                        Put {many} in {rows ? 'below' : 'after'} {name(last)}
                    </ContextMenu.Item>
                    <ContextMenu.Item className="menu-item text-danger" onSelect={() => move(first, false)}>
                        Take {many} out: {count === 1 ? name(first) : `${name(first)} to ${name(last)}`}
                    </ContextMenu.Item>
                </ContextMenu.Content>
            </ContextMenu.Portal>
        </ContextMenu.Root>
    );
}
