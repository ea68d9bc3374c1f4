import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, GivenLook, SheetDetail, TrialRecord } from '@/api/types';
import { HoldsOn } from '@/parts/HoldsOn';
import { useFormat } from '@/tray/useFormat';
import { useBench, type Trial } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { useQuiet } from '@/work/useQuiet';
import { given, setDraft, type Draft } from './draft';
import { HowItLooks } from './HowItLooks';
import { SentenceFields } from './SentenceFields';

/** Takes the tray's place while a conditional look is written: where it holds, the sentence, the look, its order. */
export function ConditionTray({
    bench,
    detail,
    acts,
    draft,
}: {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    draft: Draft;
}) {
    const number = detail.number;
    const format = useFormat(bench, detail, acts);
    const told = useQuiet(draft, 200);
    const trial = useQuery({
        queryKey: ['condition', bench.id, number, bench.stamp, given(told)],
        queryFn: ({ signal }) => api.tryCondition(bench.id, number, given(told), signal),
        placeholderData: keepPreviousData,
        staleTime: 30_000,
        retry: false,
    });
    const record = trial.data;
    useFirstLook(draft, record);
    const isWhole = record !== undefined && record.why === null && (draft.show !== 'look' || Object.keys(draft.look).length > 0);
    useTried(told, isWhole, record?.sentence ?? '');
    const leave = () => setDraft(null);
    const keep = () => {
        const args = given(draft);
        void (draft.place.everywhere ? acts.revise('keepCondition', args) : acts.act('setCondition', args));
        // What was a rule of this sheet alone is one of the stylebook from now on.
        if (draft.place.everywhere && draft.from && !draft.from.ofStylebook)
            void acts.act('arrangeConditions', { ids: [draft.from.id], what: 'drop' });
        leave();
    };
    return (
        <section
            aria-label="A look while something is true"
            className="flex min-w-0 overflow-x-auto overflow-y-hidden border-t border-hair bg-panel text-[12.5px]"
            onKeyDown={(event) => event.key === 'Escape' && !event.defaultPrevented && leave()}
        >
            <HoldsOn places={draft.places} place={draft.place} onPlace={(place) => setDraft({ place })} />
            <div className="flex min-w-[330px] flex-1 flex-col border-r border-hair px-2.5 py-2">
                <h2 className="flex h-5 items-center text-[12px] font-semibold">
                    A look while something is true
                    <span className="ml-auto pl-2 text-[11px] font-normal whitespace-nowrap text-quiet">
                        {draft.from ? 'being changed, not kept' : 'new, tried on the sheet, not kept'}
                    </span>
                </h2>
                <SentenceFields draft={draft} record={record} />
                <p className="mt-auto text-[11.5px] text-quiet" role="status">
                    {trial.isError ? (
                        <span className="text-danger">{trial.error.message}</span>
                    ) : record?.why ? (
                        <span className="text-caution">{record.why}</span>
                    ) : (
                        record && <Worn record={record} draft={draft} />
                    )}
                </p>
            </div>
            <HowItLooks draft={draft} record={record} format={format} />
            <div className="flex w-[176px] flex-none flex-col px-2.5 py-2">
                <h2 className="h-5 text-[12px] font-semibold">Order</h2>
                <p className="mt-0.5 text-[11.5px] text-quiet">
                    {draft.from
                        ? `${draft.from.place}. in the list; drag it there to another place.`
                        : 'It goes before all others here.'}
                </p>
                <label className="mt-1 flex items-start gap-1.5 text-[11.5px]">
                    <input
                        type="checkbox"
                        className="mt-0.5 accent-damson"
                        checked={draft.stops}
                        disabled={draft.show !== 'look'}
                        onChange={(event) => setDraft({ stops: event.target.checked })}
                    />
                    Where it holds, those after it do not count
                </label>
                <div className="mt-auto flex gap-1.5">
                    <button type="button" className="btn" onClick={leave}>
                        Leave it
                    </button>
                    <button type="button" className="btn btn-primary" disabled={!isWhole} onClick={keep}>
                        Keep
                    </button>
                </div>
            </div>
        </section>
    );
}

/** A press that was chosen makes its look of what the cells wear. */
function useFirstLook(draft: Draft, record: TrialRecord | undefined) {
    const pressed = record?.presses.find((press) => press.name === draft.press)?.look;
    const wanted = pressed && draft.show === 'look' ? JSON.stringify(pressed) : null;
    const has = JSON.stringify(draft.look);
    useEffect(() => {
        if (wanted !== null && wanted !== has) setDraft({ look: JSON.parse(wanted) as GivenLook });
    }, [wanted, has]);
    const tints = record?.tints;
    const isBare = draft.show === 'scale' && draft.scale.length === 0;
    useEffect(() => {
        if (isBare && tints)
            setDraft({
                scale: [
                    { colour: tints[1] ?? '#FFFFFF', point: { at: 'least' } },
                    { colour: tints[2] ?? '#8E5A8A', point: { at: 'greatest' } },
                ],
            });
    }, [isBare, tints]);
}

/** Tries it on the sheet, as far as it is complete. */
function useTried(draft: Draft, isWhole: boolean, sentence: string) {
    const tryOn = useBench((state) => state.tryOn);
    const said = isWhole ? JSON.stringify([draft.place.everywhere, given(draft)]) : null;
    useEffect(() => {
        if (said === null) return tryOn(null);
        const [everywhere, args] = JSON.parse(said) as [boolean, ReturnType<typeof given>];
        const words = `“${sentence}”`;
        const trial: Trial = everywhere ? { revise: 'keepCondition', args, words } : { act: 'setCondition', args, words };
        tryOn(trial);
    }, [said, sentence, tryOn]);
    useEffect(() => () => tryOn(null), [tryOn]);
}

function Worn({ record, draft }: { record: TrialRecord; draft: Draft }) {
    const values = record.values.slice(0, 8).map((one) => `${one.value} ${one.count.toLocaleString('en')}`);
    return (
        <>
            <b className="text-ink">
                {record.worn.toLocaleString('en')}
                {record.counted ? '' : ' or more'} of {record.of.toLocaleString('en')}
            </b>{' '}
            {draft.place.everywhere ? 'cells of this sheet would wear it' : 'cells would wear it'}
            {values.length > 0 && ` · here stand: ${values.join(', ')}`}
        </>
    );
}
