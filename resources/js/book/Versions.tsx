import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BookRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';

/** What was kept and when; two versions rule by rule; the way back. */
export function Versions({ book }: { book: BookRecord }) {
    const client = useQueryClient();
    const [from, setFrom] = useState<number | null>(book.versions[1]?.number ?? null);
    const to = book.version;
    const differences = useQuery({
        queryKey: ['compare', book.id, from, to],
        queryFn: () => api.compare(book.id, from ?? to, to),
        enabled: from !== null && from !== to,
        staleTime: Infinity,
    });
    const back = async (version: number) => {
        const follow = book.sheets - book.worn.filter((sheet) => sheet.holds !== null).length;
        const followers = follow > 0 ? `, for the ${counted(follow, 'sheet that follows', 'sheets that follow')}` : '';
        const sure = await ask({
            title: `Go back to version ${version}?`,
            about: `What it says becomes version ${book.version + 1}${followers}. Every version stays in this list.`,
            action: 'Go back',
        });
        if (sure === null) return;
        await api.goBack(book.id, version).then((now) => {
            say(`Version ${now.version} says what version ${version} did.`);
            return Promise.all([
                client.invalidateQueries({ queryKey: ['book', book.id] }),
                client.invalidateQueries({ queryKey: ['bench'] }),
                client.invalidateQueries({ queryKey: ['shelf'] }),
            ]);
        }, tell);
    };
    return (
        <div className="mx-auto grid max-w-[1080px] grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-6 p-6">
            <section aria-labelledby="all-versions">
                <h1 id="all-versions" className="mb-2 text-[15px] font-semibold">
                    Versions of {book.name}
                </h1>
                <ul className="overflow-hidden rounded-md border border-hair bg-panel">
                    {book.versions.map((version) => (
                        <li
                            key={version.number}
                            className={`flex items-center gap-3 border-t border-hair px-3 py-2 first:border-t-0
                                    ${from === version.number ? 'bg-brass-soft' : ''}`}
                        >
                            <span className="w-7 text-right font-semibold">{version.number}</span>
                            <span className="min-w-0 flex-1">
                                <span className="block truncate" title={version.words}>
                                    {version.words}
                                </span>
                                <span className="text-[11.5px] text-quiet">
                                    {version.when}
                                    {version.newest ? ' · the newest' : ''}
                                    {version.held > 0 ? ` · held by ${counted(version.held, 'sheet')}` : ''}
                                </span>
                            </span>
                            {!version.newest && (
                                <>
                                    <button
                                        type="button"
                                        className="btn"
                                        aria-pressed={from === version.number}
                                        onClick={() => setFrom(version.number)}
                                    >
                                        Compare
                                    </button>
                                    <button type="button" className="btn" onClick={() => void back(version.number)}>
                                        Go back
                                    </button>
                                </>
                            )}
                        </li>
                    ))}
                </ul>
            </section>
            <section aria-labelledby="differences">
                <h2 id="differences" className="mb-2 text-[15px] font-semibold">
                    {from === null || from === to ? 'Nothing to compare yet' : `What changed from version ${from} to ${to}`}
                </h2>
                {differences.data?.length === 0 && <p className="text-quiet">They say the same.</p>}
                {differences.data && differences.data.length > 0 && (
                    <table className="w-full overflow-hidden rounded-md border border-hair bg-panel text-left">
                        <thead className="text-[11.5px] text-quiet">
                            <tr>
                                <th className="px-3 py-1.5 font-semibold">Rule</th>
                                <th className="px-3 py-1.5 font-semibold">version {from}</th>
                                <th className="px-3 py-1.5 font-semibold">version {to}</th>
                            </tr>
                        </thead>
                        <tbody>
                            {differences.data.map((one, at) => (
                                <tr key={at} className="border-t border-hair">
                                    <td className="px-3 py-1.5">{one.words}</td>
                                    <td className="px-3 py-1.5 text-quiet">{one.before ?? 'nothing'}</td>
                                    <td className="px-3 py-1.5">{one.after ?? 'nothing'}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
            </section>
        </div>
    );
}
