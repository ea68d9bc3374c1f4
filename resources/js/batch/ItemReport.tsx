import type { BatchItemRecord } from '@/api/types';

/** What would be done with a file, or what became of it. */
export function ItemReport({
    batch,
    item,
    across,
    compared,
    done,
}: {
    batch: string;
    item: BatchItemRecord;
    across: string[];
    /** Files that were looked at beside each other. */
    compared: number;
    done: number;
}) {
    const told = item.report ?? item.plan;
    return (
        <div
            className="mt-3 max-h-[46vh] overflow-auto rounded-md border border-hair bg-panel p-3 text-[12.5px]"
            tabIndex={0}
            role="region"
            aria-label={`Report of ${item.name}`}
        >
            <div className="flex items-center gap-3">
                <h3 className="min-w-0 flex-1 truncate font-semibold">{item.name}</h3>
                {item.status === 'done' && (
                    <a className="btn" href={`/api/batches/${batch}/items/${item.id}/file`}>
                        Download {told?.output}
                    </a>
                )}
            </div>
            {!told && <p className="mt-1 text-quiet">It is being read.</p>}
            {told?.fault && <p className="mt-1 text-danger">Not done: {told.fault}</p>}
            {told && !told.fault && (
                <>
                    {item.report && <p className="mt-1 text-good">{told.words}.</p>}
                    <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2 max-[1000px]:grid-cols-1">
                        <Lines title="Read" lines={told.parts} />
                        <Lines title="Uncertain" lines={told.doubts} tint="text-caution" />
                        <Lines title={item.report ? 'Done' : 'Would be done'} lines={told.done} />
                        <Lines
                            title={item.report ? 'Not done' : 'Would not find its place'}
                            lines={told.left}
                            tint="text-caution"
                        />
                        <Lines title="Findings that are left" lines={told.findings} />
                    </div>
                </>
            )}
            {compared > 0 && (
                <div className="mt-2 border-t border-hair pt-2">
                    {across.length === 0 ? (
                        <p className="text-quiet">
                            {compared < done ? `The first ${compared} files` : 'The files of the batch'} are of one mind.
                        </p>
                    ) : (
                        <Lines title="What the files do differently from each other" lines={across} tint="text-caution" />
                    )}
                </div>
            )}
        </div>
    );
}

function Lines({ title, lines, tint = '' }: { title: string; lines: string[]; tint?: string }) {
    if (lines.length === 0) return null;
    return (
        <div>
            <h4 className="text-[11px] font-semibold text-quiet">{title}</h4>
            <ul className={tint}>
                {lines.map((line, at) => (
                    <li key={at}>{line}</li>
                ))}
            </ul>
        </div>
    );
}
