import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { BookRecord, WearerRecord } from '@/api/types';
import { Whole } from '@/grid/Picture';
import { counted } from '@/parts/counted';

export interface Sheet {
    workbook: number;
    number: number;
}

const ROWS = 120;
const COLUMNS = 40;

/** Where the stylebook is seen: its specimen, a sheet that wears it, or one that could. */
function Bar({ book, on, onChoose }: { book: BookRecord; on: Sheet | null; onChoose: (sheet: Sheet | null) => void }) {
    const option = (sheet: WearerRecord) => (
        <option key={`${sheet.workbook}.${sheet.number}`} value={`${sheet.workbook}.${sheet.number}`}>
            {sheet.name}, {sheet.sheet}
        </option>
    );
    const changes = book.changes;
    return (
        <div className="flex min-w-0 items-center gap-2.5 border-b border-hair bg-ground px-3 text-[12px] text-quiet">
            <label className="flex items-center gap-2">
                Seen on
                <select
                    className="field max-w-[230px] text-ink"
                    value={on ? `${on.workbook}.${on.number}` : ''}
                    onChange={(event) => {
                        const [workbook, number] = event.target.value.split('.').map(Number);
                        onChoose(workbook && number ? { workbook, number } : null);
                    }}
                >
                    <option value="">the specimen</option>
                    {book.worn.length > 0 && <optgroup label="Sheets that wear it">{book.worn.map(option)}</optgroup>}
                    {book.could.length > 0 && <optgroup label="Sheets that could">{book.could.map(option)}</optgroup>}
                </select>
            </label>
            <span className="min-w-0 flex-1 truncate" title={changes.map((change) => change.words).join(', ')}>
                {changes.length === 0
                    ? 'as it is kept'
                    : `${counted(changes.length, 'change')} since version ${book.base ?? book.version}: ${changes
                          .slice(0, 3)
                          .map((change) => change.words)
                          .join(', ')}`}
            </span>
        </div>
    );
}

/** A sheet as it would look in the draft; it is there to be seen. */
function SheetView({ stylebook, stamp, on }: { stylebook: number; stamp: string; on: Sheet }) {
    const { data: window, error } = useQuery({
        queryKey: ['seen on', stylebook, stamp, on.workbook, on.number],
        queryFn: () => api.seenWindow(on.workbook, on.number, stylebook, { top: 1, left: 1, bottom: ROWS, right: COLUMNS }),
        placeholderData: keepPreviousData,
    });
    if (error) return <p className="p-4 text-danger">{error.message}</p>;
    if (!window) return <p className="p-4 text-quiet">Dressing the sheet…</p>;
    return (
        <div className="min-h-0 overflow-auto bg-white p-4" tabIndex={0} role="img" aria-label="The sheet in this stylebook">
            <Whole window={window} />
        </div>
    );
}

export const SeenOn = { Bar, Sheet: SheetView };
