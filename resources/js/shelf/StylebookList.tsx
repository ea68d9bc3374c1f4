import { useQueryClient } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useRef } from 'react';
import { api } from '@/api/client';
import type { StylebookRecord } from '@/api/types';
import { Picture } from '@/grid/Picture';
import { say, tell } from '@/parts/Messages';

function worn(stylebook: StylebookRecord): string {
    if (stylebook.sheets === 0) return 'worn by none yet';
    return `worn by ${stylebook.workbooks} ${stylebook.workbooks === 1 ? 'workbook' : 'workbooks'}, ${stylebook.sheets} ${stylebook.sheets === 1 ? 'sheet' : 'sheets'}`;
}

export function StylebookList({ stylebooks }: { stylebooks: StylebookRecord[] }) {
    const client = useQueryClient();
    const picker = useRef<HTMLInputElement>(null);
    return (
        <section aria-labelledby="stylebooks">
            <h2 id="stylebooks" className="mb-2 flex items-baseline justify-between text-[15px] font-semibold">
                Stylebooks
                <button
                    type="button"
                    className="text-[12px] font-normal text-quiet underline-offset-2 hover:underline"
                    onClick={() => picker.current?.click()}
                >
                    Bring in from JSON
                </button>
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
                            <span className="flex-1 truncate">{stylebook.name}</span>
                            <a
                                className="icon-btn -my-1"
                                href={`/api/stylebooks/${encodeURIComponent(stylebook.name)}`}
                                aria-label={`Download ${stylebook.name} as JSON`}
                                title="Download as JSON"
                            >
                                <Download size={13} />
                            </a>
                        </h3>
                        <p className="text-[12px] leading-snug text-quiet" title={stylebook.about}>
                            {worn(stylebook)}
                        </p>
                    </div>
                </div>
            ))}
        </section>
    );
}
