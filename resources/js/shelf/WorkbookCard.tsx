import { useQuery, useQueryClient } from '@tanstack/react-query';
import { EllipsisVertical } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { api } from '@/api/client';
import type { CardRecord } from '@/api/types';
import { Picture } from '@/grid/Picture';
import { ask } from '@/parts/Ask';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';
import { go } from '@/parts/path';
import { MenuButton } from '@/parts/openers';
import { useInSight } from '@/parts/useInSight';

export function WorkbookCard({
    workbook,
    chosen,
    onChoose,
}: {
    workbook: CardRecord;
    chosen: boolean;
    onChoose: (chosen: boolean) => void;
}) {
    const client = useQueryClient();
    const [card, seen] = useInSight<HTMLElement>();
    const { data: picture } = useQuery({
        queryKey: ['picture', workbook.id, workbook.picture],
        queryFn: () => api.picture(workbook.id, workbook.picture ?? ''),
        enabled: workbook.picture !== null && seen,
        staleTime: Infinity,
    });
    const remove = async () => {
        const yes = await ask({
            title: `Take "${workbook.name}" off the shelf?`,
            about: 'Its history goes with it. The file it came from stays where it is.',
            action: 'Take off the shelf',
            danger: true,
        });
        if (yes === null) return;
        void api.remove(workbook.id).then(({ message }) => {
            say(message);
            return client.invalidateQueries({ queryKey: ['shelf'] });
        }, tell);
    };
    const open = () => go(`/workbooks/${workbook.id}`);
    return (
        <article ref={card} className="relative overflow-hidden rounded-md border border-hair bg-panel hover:border-[#b9b1a4]">
            <a
                href={`/workbooks/${workbook.id}`}
                onClick={(event) => {
                    event.preventDefault();
                    open();
                }}
                className="block"
            >
                {/* A picture that comes in between the press and its release would swallow it. */}
                <div className="pointer-events-none border-b border-hair">
                    {picture ? <Picture window={picture} width={286} height={157} /> : <div className="h-[157px]" />}
                </div>
                <div className="p-3">
                    <h2 className="truncate pr-7 text-[14px] font-semibold">{workbook.name}</h2>
                    <p className="mt-0.5 text-[12px] text-quiet">
                        {counted(workbook.sheets, 'sheet')}, {workbook.rows.toLocaleString('en')} rows
                    </p>
                    <p className="mt-1.5 flex justify-between gap-2 text-[12px] text-quiet">
                        <span className="truncate">{workbook.stylebooks.join(', ') || 'no stylebook'}</span>
                        <span className="whitespace-nowrap">{workbook.changed}</span>
                    </p>
                </div>
            </a>
            <label
                className={`absolute top-2 left-2 flex items-center gap-1.5 rounded-md border border-hair bg-white p-0.5 pr-1.5
                    text-[12px] ${chosen ? '' : 'opacity-0 focus-within:opacity-100 [article:hover_&]:opacity-100'}`}
            >
                <input
                    type="checkbox"
                    className="size-6 accent-damson"
                    aria-label={`Choose ${workbook.name}`}
                    checked={chosen}
                    onChange={(event) => onChoose(event.target.checked)}
                />
                Choose
            </label>
            <MenuButton
                className="icon-btn absolute right-1.5 bottom-[46px]"
                aria-label={`More for ${workbook.name}`}
                align="end"
                face={<EllipsisVertical size={15} />}
            >
                <DropdownMenu.Item className="menu-item" onSelect={open}>
                    Open on the Bench
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => onChoose(!chosen)}>
                    {chosen ? 'Do not choose' : 'Choose'}
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item text-danger" onSelect={() => void remove()}>
                    Take off the shelf
                </DropdownMenu.Item>
            </MenuButton>
        </article>
    );
}
