import { ContextMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { AxisItems } from './AxisItems';
import type { Acts } from '@/work/useActs';

/** The menu of row numbers and column letters. */
export function HeaderMenu({ axis, acts, children }: { axis: 'rows' | 'columns'; acts: Acts; children: ReactNode }) {
    return (
        <ContextMenu.Root modal={false}>
            <ContextMenu.Trigger asChild>{children}</ContextMenu.Trigger>
            <ContextMenu.Portal>
                <ContextMenu.Content className="menu">
                    <AxisItems axis={axis} acts={acts} />
                </ContextMenu.Content>
            </ContextMenu.Portal>
        </ContextMenu.Root>
    );
}
