import type { Went } from '@/api/client';
import { DialogFrame } from '@/parts/DialogFrame';

/** Two people changed one stylebook: both are seen, and come together as is chosen. */
export function Conflict({ went, onChoose }: { went: Went; onChoose: (both: 'mine' | 'theirs' | null) => void }) {
    const list = (title: string, lines: string[]) => (
        <section className="min-w-0 flex-1">
            <h3 className="mb-1 text-[12px] font-semibold">{title}</h3>
            <ul className="max-h-[180px] overflow-auto text-[12px]" tabIndex={0} aria-label={title}>
                {lines.map((line) => (
                    <li key={line} className="border-t border-hair py-1">
                        {line}
                    </li>
                ))}
            </ul>
        </section>
    );
    return (
        <DialogFrame title={`Version ${went.version} was kept while you worked`} width={640} onClose={() => onChoose(null)}>
            <p className="mt-2 text-quiet">
                Both changes come together rule by rule, and nothing is lost: version {went.version} stays in the list of
                versions.
            </p>
            <div className="mt-3 flex gap-4">
                {list(`Changed in version ${went.version}`, went.theirs)}
                {list('Changed here', went.mine)}
            </div>
            {went.both.length > 0 && <div className="mt-3 flex">{list('Changed in both', went.both)}</div>}
            <div className="mt-4 flex justify-end gap-2">
                <button type="button" className="btn" onClick={() => onChoose(null)}>
                    Go on working
                </button>
                {went.both.length > 0 && (
                    <button type="button" className="btn" onClick={() => onChoose('theirs')}>
                        Keep, theirs where both changed
                    </button>
                )}
                <button type="button" className="btn btn-primary" onClick={() => onChoose('mine')}>
                    {went.both.length > 0 ? 'Keep, mine where both changed' : 'Keep both together'}
                </button>
            </div>
        </DialogFrame>
    );
}
