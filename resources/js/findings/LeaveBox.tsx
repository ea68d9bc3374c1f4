import { useState } from 'react';
import { PanelButton } from '@/parts/openers';

/** Asks why a finding is left. */
export function LeaveBox({
    open,
    onOpen,
    onLeave,
}: {
    open: boolean;
    onOpen: (open: boolean) => void;
    onLeave: (reason: string) => void;
}) {
    const [reason, setReason] = useState('');
    return (
        <PanelButton
            className="btn h-7"
            opened={open}
            onOpen={onOpen}
            panel={{ className: 'menu w-72 p-2.5', align: 'start', collisionPadding: 8, 'aria-label': 'Leave it' }}
            face="Leave it…"
        >
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    if (reason.trim() === '') return;
                    onLeave(reason.trim());
                    onOpen(false);
                }}
            >
                <label className="block text-[12px] text-quiet">
                    Why it is left
                    <input
                        className="field mt-1 w-full text-[13px] text-ink"
                        value={reason}
                        maxLength={500}
                        autoFocus
                        onChange={(event) => setReason(event.target.value)}
                    />
                </label>
                <p className="mt-1.5 text-[12px] text-quiet">Kept with the workbook and told in the report.</p>
                <button type="submit" className="btn btn-primary mt-2 h-7" disabled={reason.trim() === ''}>
                    Leave it
                </button>
            </form>
        </PanelButton>
    );
}
