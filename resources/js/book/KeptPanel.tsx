import { useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { api } from '@/api/client';
import type { RuleRecord, RulesRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { useDraft } from '@/parts/useDraft';
import type { Formatter } from '@/tray/useFormat';

/** Named looks, or number formats, that the stylebook keeps. */
export function KeptPanel({ what, rules, format }: { what: 'looks' | 'numbers'; rules: RulesRecord; format: Formatter }) {
    const isLooks = what === 'looks';
    const kept = useQuery({
        queryKey: ['kept', format.book, format.stamp],
        queryFn: () => api.kept(format.book ?? 0),
        enabled: rules[what].length > 0,
    });
    const add = async () => {
        const name = await ask(
            isLooks
                ? { title: 'Keep the look of the chosen part', label: 'Name of the look', action: 'Keep' }
                : { title: 'Keep a number format', label: 'Name of the number format', action: 'Go on' },
        );
        if (!name) return;
        if (isLooks) return format.revise('keepLook', { name: name.trim(), ranges: format.ranges });
        const code = await ask({ title: `The format of ${name}`, label: 'Format code, such as #,##0.00 "kg"', action: 'Keep' });
        if (code) format.revise('keepNumber', { name: name.trim(), code });
    };
    return (
        <>
            {rules[what].length === 0 && <p className="mb-2 text-[12px] text-quiet">There are none yet.</p>}
            <ul>
                {rules[what].map((rule) => (
                    <Kept
                        key={rule.key}
                        rule={rule}
                        isLook={isLooks}
                        format={format}
                        where={kept.data?.find((one) => one.name === rule.key)?.where ?? null}
                    />
                ))}
            </ul>
            <button type="button" className="btn mt-1.5 w-full justify-center text-[12px]" onClick={() => void add()}>
                {isLooks ? 'Keep the look of the chosen part…' : 'Keep a number format…'}
            </button>
        </>
    );
}

function Kept({
    rule,
    isLook,
    format,
    where,
}: {
    rule: RuleRecord;
    isLook: boolean;
    format: Formatter;
    /** Where it is worn; null where that is not known yet. */
    where: string[] | null;
}) {
    const name = useDraft(rule.words, (to) => format.revise(isLook ? 'renameLook' : 'renameNumber', { name: rule.key, to }));
    const code = useDraft(rule.says, (to) => format.revise('keepNumber', { name: rule.key, code: to }));
    return (
        <li className="border-t border-hair py-1 first:border-t-0">
            <div className="flex items-center gap-1">
                <input
                    aria-label={`Name of ${rule.words}`}
                    className="h-6 w-0 min-w-0 flex-1 rounded border border-transparent bg-transparent px-1 hover:border-hair"
                    {...name}
                />
                {isLook && (
                    <button
                        type="button"
                        className="btn text-[11.5px]"
                        title="Says what the chosen part says now"
                        onClick={() => format.revise('keepLook', { name: rule.key, replace: true, ranges: format.ranges })}
                    >
                        Set
                    </button>
                )}
                <button
                    type="button"
                    className="grid h-6 w-5 place-items-center rounded hover:bg-ground"
                    aria-label={`Delete ${rule.words}`}
                    onClick={() =>
                        isLook ? format.revise('dropLook', { name: rule.key }) : format.revise('dropNumber', { name: rule.key })
                    }
                >
                    <Trash2 size={12} />
                </button>
            </div>
            {isLook ? (
                <p className="truncate px-1 text-[11.5px] text-quiet" title={rule.says}>
                    {rule.says}
                </p>
            ) : (
                <input
                    aria-label={`Code of ${rule.words}`}
                    className="h-6 w-full rounded border border-transparent bg-transparent px-1 font-mono text-[11.5px] hover:border-hair"
                    {...code}
                />
            )}
            {where !== null && (
                <p className="truncate px-1 text-[11.5px] text-quiet" title={where.join('\n')}>
                    {where.length === 0 ? (isLook ? 'worn nowhere' : 'used nowhere by hand') : where.join('; ')}
                </p>
            )}
        </li>
    );
}
