import type { BookRecord } from '@/api/types';
import { go } from '@/parts/path';

/** The sheets that wear a stylebook: which follow the newest version, which hold one. */
export function Wearers({ book }: { book: BookRecord }) {
    const workbooks = [...new Map(book.worn.map((sheet) => [sheet.workbook, sheet.name]))];
    const holding = book.worn.filter((sheet) => sheet.holds !== null).length;
    const held = holding > 0 ? `, ${holding} hold an earlier one` : '';
    return (
        <div className="mx-auto max-w-[760px] p-6">
            <h1 className="mb-1 text-[15px] font-semibold">Worn by</h1>
            <p className="mb-3 text-quiet">
                {book.sheets === 0
                    ? 'No sheet wears it yet. It is put on from the Bench, with the button beside the name of the workbook.'
                    : `${book.sheets - holding} of ${book.sheets} sheets follow the newest version${held}.`}
                {book.waiting > 0 && ` ${book.waiting} of them are being fitted to it.`}
            </p>
            {workbooks.map(([id, name]) => (
                <section key={id} aria-label={name} className="mb-3 overflow-hidden rounded-md border border-hair bg-panel">
                    <h2 className="flex items-center border-b border-hair px-3 py-1.5 font-semibold">
                        <span className="flex-1 truncate">{name}</span>
                        <button type="button" className="btn font-normal" onClick={() => go(`/workbooks/${id}`)}>
                            Open it on the Bench
                        </button>
                    </h2>
                    <ul>
                        {book.worn
                            .filter((sheet) => sheet.workbook === id)
                            .map((sheet) => (
                                <li
                                    key={sheet.number}
                                    className="flex items-center gap-2 border-t border-hair px-3 py-1 first:border-t-0"
                                >
                                    <span className="flex-1 truncate">{sheet.sheet}</span>
                                    <span className="text-[12px] text-quiet">
                                        {sheet.holds === null
                                            ? sheet.settled
                                                ? 'follows the newest'
                                                : 'follows the newest, sizes settle when it is opened'
                                            : `holds version ${sheet.holds}`}
                                    </span>
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </div>
    );
}
