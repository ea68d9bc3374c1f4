import { useQuery } from '@tanstack/react-query';
import { Dialog, DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { HandoverRecord } from '@/api/types';
import { counted } from '@/parts/counted';
import { tell } from '@/parts/Messages';
import { HandedOver } from '@/work/HandedOver';
import { MenuButton } from '@/parts/openers';
import { Shade } from '@/parts/Shade';

/** Writes the pages of the sheet, or of all sheets, as a pdf. */
export function TakePdf({
    id,
    sheet,
    name,
    pages,
    all,
}: {
    id: number;
    sheet: number;
    name: string;
    pages: number;
    all: number | null;
}) {
    const [started, setStarted] = useState<HandoverRecord | null>(null);
    const [busy, setBusy] = useState(false);
    const state = useQuery({
        queryKey: ['handover', started?.id],
        queryFn: () => api.handover(started?.id ?? ''),
        enabled: started !== null,
        initialData: started ?? undefined,
        refetchInterval: (query) => (['queued', 'running'].includes(query.state.data?.status ?? '') ? 500 : false),
    });
    const take = (of: number | null) => {
        setBusy(true);
        void api
            .handOver(id, 'pdf', false, of, false)
            .then(setStarted, tell)
            .finally(() => setBusy(false));
    };
    return (
        <>
            <MenuButton className="btn btn-primary h-7" disabled={busy} align="end" face={busy ? 'Writing…' : 'Take the pdf'}>
                <DropdownMenu.Item className="menu-item" disabled={pages === 0} onSelect={() => take(sheet)}>
                    {name}, {counted(pages, 'page')}
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => take(null)}>
                    All sheets{all !== null && `, ${counted(all, 'page')}`}
                </DropdownMenu.Item>
            </MenuButton>
            {started && state.data && (
                <Dialog.Root open onOpenChange={(open) => !open && setStarted(null)}>
                    <Dialog.Portal>
                        <Shade />
                        <Dialog.Content className="dialog w-[440px]" aria-describedby={undefined}>
                            <Dialog.Title className="mb-3 text-[15px] font-semibold">The pdf</Dialog.Title>
                            <HandedOver handover={state.data} onClose={() => setStarted(null)} />
                        </Dialog.Content>
                    </Dialog.Portal>
                </Dialog.Root>
            )}
        </>
    );
}
