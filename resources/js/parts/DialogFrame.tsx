import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useReturnFocus } from './useReturnFocus';
import { Shade } from './Shade';

/** A dialog that shows something and is closed; the focus goes back to where it was. */
export function DialogFrame({
    title,
    width,
    onClose,
    children,
}: {
    title: string;
    /** px, where the window has them */
    width: number;
    onClose: () => void;
    children: ReactNode;
}) {
    useReturnFocus();
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog" style={{ width }} aria-describedby={undefined}>
                    <Dialog.Title className="text-[15px] font-semibold">{title}</Dialog.Title>
                    {children}
                    <div className="mt-3 flex justify-end">
                        <button type="button" className="btn" onClick={onClose}>
                            Close
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
