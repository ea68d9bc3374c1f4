import { useQueryClient } from '@tanstack/react-query';
import { ChevronDown, Download, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useRef, useState } from 'react';
import { api } from '@/api/client';
import type { StylebookRecord } from '@/api/types';
import { LearnDialog } from '@/bench/LearnDialog';
import { Picture } from '@/grid/Picture';
import { ask } from '@/parts/Ask';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';
import { MenuButton } from '@/parts/openers';
import { go } from '@/parts/path';

function worn(stylebook: StylebookRecord): string {
    if (stylebook.sheets === 0) return 'worn by none yet';
    return `worn by ${counted(stylebook.workbooks, 'workbook')}, ${counted(stylebook.sheets, 'sheet')}`;
}

export function StylebookList({ stylebooks }: { stylebooks: StylebookRecord[] }) {
    const client = useQueryClient();
    const picker = useRef<HTMLInputElement>(null);
    const [learning, setLearning] = useState(false);
    const begin = (from: number | null) => void api.beginStylebook(from).then(({ id }) => go(`/stylebooks/${id}`), tell);
    const remove = async (stylebook: StylebookRecord) => {
        const sure = await ask({
            title: `Take ${stylebook.name} off the shelf?`,
            about: 'With all its versions. No sheet wears it.',
            action: 'Take it off',
            danger: true,
        });
        if (sure === null) return;
        await api.removeStylebook(stylebook.id).then(({ message }) => {
            say(message);
            return client.invalidateQueries({ queryKey: ['shelf'] });
        }, tell);
    };
    return (
        <section aria-labelledby="stylebooks" className="mt-5">
            <h2 id="stylebooks" className="mb-2 flex items-baseline justify-between text-[15px] font-semibold">
                Stylebooks
                <MenuButton
                    className={`flex items-center gap-1 text-[12px]
                            font-normal text-quiet underline-offset-2 hover:underline`}
                    align="end"
                    face={
                        <>
                            New stylebook <ChevronDown size={12} aria-hidden="true" />
                        </>
                    }
                >
                    <DropdownMenu.Item className="menu-item" onSelect={() => begin(null)}>
                        A blank one
                    </DropdownMenu.Item>
                    <DropdownMenu.Item className="menu-item" onSelect={() => picker.current?.click()}>
                        Bring in from JSON…
                    </DropdownMenu.Item>
                    <DropdownMenu.Item className="menu-item" onSelect={() => setLearning(true)}>
                        Learn from workbooks…
                    </DropdownMenu.Item>
                    <DropdownMenu.Label className="menu-label">A copy of</DropdownMenu.Label>
                    {stylebooks.map((stylebook) => (
                        <DropdownMenu.Item key={stylebook.id} className="menu-item" onSelect={() => begin(stylebook.id)}>
                            {stylebook.name}
                        </DropdownMenu.Item>
                    ))}
                </MenuButton>
                <input
                    ref={picker}
                    type="file"
                    hidden
                    accept=".json"
                    aria-label="Stylebook to bring in"
                    onChange={(event) => {
                        const file = event.target.files?.[0];
                        event.target.value = '';
                        void file
                            ?.text()
                            .then(api.importStylebook)
                            .then(({ name }) => {
                                say(`${name} stands on the shelf.`);
                                return client.invalidateQueries({ queryKey: ['shelf'] });
                            }, tell);
                    }}
                />
            </h2>
            {learning && <LearnDialog from={null} onClose={() => setLearning(false)} />}
            {stylebooks.map((stylebook) => (
                <div
                    key={stylebook.name}
                    className="mb-2.5 flex items-stretch overflow-hidden rounded-md border border-hair bg-panel"
                >
                    <div className="w-[112px] flex-none border-r border-hair">
                        <Picture window={stylebook.specimen} width={112} height={70} />
                    </div>
                    <div className="min-w-0 flex-1 p-2.5">
                        <h3 className="flex items-center font-semibold">
                            <a
                                className="flex-1 truncate hover:underline"
                                href={`/stylebooks/${stylebook.id}`}
                                title="Look at its rules and change them"
                                onClick={(event) => {
                                    event.preventDefault();
                                    go(`/stylebooks/${stylebook.id}`);
                                }}
                            >
                                {stylebook.name}
                            </a>
                            {!stylebook.builtin && stylebook.sheets === 0 && (
                                <button
                                    type="button"
                                    className="icon-btn -my-1"
                                    aria-label={`Take ${stylebook.name} off the shelf`}
                                    onClick={() => void remove(stylebook)}
                                >
                                    <Trash2 size={13} />
                                </button>
                            )}
                            <a
                                className="icon-btn -my-1"
                                href={`/api/stylebooks/${stylebook.id}/json`}
                                aria-label={`Download ${stylebook.name} as JSON`}
                                title="Download as JSON"
                            >
                                <Download size={13} />
                            </a>
                        </h3>
                        <p className="truncate text-[12px] leading-snug text-quiet" title={stylebook.about}>
                            {stylebook.about}
                        </p>
                        <p className="truncate text-[12px] leading-snug text-quiet">
                            {worn(stylebook)}
                            {stylebook.version > 1 ? ` · version ${stylebook.version}` : ''}
                        </p>
                    </div>
                </div>
            ))}
        </section>
    );
}
