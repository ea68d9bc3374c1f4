import { EllipsisVertical } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { MenuButton } from '@/parts/openers';

const SEEN = 'opacity-0 group-hover:opacity-100 focus-visible:opacity-100 data-[state=open]:opacity-100';

/** The menu at the end of a row in a list: seen where the row is pointed at or the keys are. */
export function RowMenu({ label, className = '', children }: { label: string; className?: string; children: ReactNode }) {
    return (
        <MenuButton
            className={`icon-btn flex-none ${SEEN} ${className}`}
            aria-label={label}
            align="start"
            face={<EllipsisVertical size={13} />}
        >
            {children}
        </MenuButton>
    );
}

export function RowMenuItem({
    disabled,
    danger,
    onSelect,
    children,
}: {
    disabled?: boolean;
    danger?: boolean;
    onSelect: () => void;
    children: ReactNode;
}) {
    return (
        <DropdownMenu.Item className={`menu-item ${danger ? 'text-danger' : ''}`} disabled={disabled} onSelect={onSelect}>
            {children}
        </DropdownMenu.Item>
    );
}
