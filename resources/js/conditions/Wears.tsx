import type { LookValues, TrialRecord } from '@/api/types';
import { MARK_SETS } from '@/api/types';
import type { Draft } from './draft';
import { Sample } from './Sample';

/** The look, in the sentence. */
export function Wears({ draft, record }: { draft: Draft; record: TrialRecord | undefined }) {
    const plain = (record?.plain ?? {}) as LookValues;
    return (
        <>
            <span className="text-quiet">wears</span>
            <Sample
                large
                look={{ ...plain, ...(draft.look as LookValues) }}
                scale={draft.show === 'scale' ? draft.scale : []}
                bar={draft.show === 'bar' ? draft.bar.colour : null}
                marks={draft.show === 'marks' ? (MARK_SETS[draft.set] ?? []) : []}
            />
        </>
    );
}
