import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import type { BenchRecord, RulesRecord, SheetDetail } from '@/api/types';
import { useFormat } from '@/tray/useFormat';
import type { Acts } from '@/work/useActs';
import { ConditionList } from '@/conditions/ConditionList';
import { beginForSelection } from '@/conditions/draft';
import { BordersPanel } from './BordersPanel';
import { FitPanel } from './FitPanel';
import { GuardPanel } from './GuardPanel';
import { KeptPanel } from './KeptPanel';
import { PalettePanel } from './PalettePanel';
import { SizesPanel } from './SizesPanel';
import { StripesPanel } from './StripesPanel';

export type PanelName = 'palette' | 'sizes' | 'stripes' | 'borders' | 'fit' | 'looks' | 'numbers' | 'conditions' | 'guard';

const TITLES: Record<PanelName, string> = {
    palette: 'Palette',
    sizes: 'Type sizes',
    stripes: 'Stripes',
    borders: 'Borders of whole tables',
    fit: 'Fit and opening',
    looks: 'Named looks',
    numbers: 'Number formats',
    conditions: 'Looks while something is true',
    guard: 'Entry, guard and roles',
};

/** A rule that is no look of a part: it is set at the right, beside the specimen. */
export function Panel({
    name,
    rules,
    bench,
    detail,
    acts,
    onClose,
}: {
    name: PanelName;
    rules: RulesRecord;
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    onClose: () => void;
}) {
    const format = useFormat(bench, detail, acts);
    const panels: Record<PanelName, ReactNode> = {
        palette: <PalettePanel rules={rules} format={format} />,
        sizes: <SizesPanel rules={rules} acts={acts} />,
        stripes: <StripesPanel rules={rules} format={format} detail={detail} />,
        borders: <BordersPanel format={format} />,
        fit: <FitPanel rules={rules} acts={acts} />,
        looks: <KeptPanel what="looks" rules={rules} format={format} />,
        numbers: <KeptPanel what="numbers" rules={rules} format={format} />,
        guard: <GuardPanel rules={rules} acts={acts} />,
        conditions: (
            <ConditionList bench={bench} detail={detail} acts={acts} onBegin={() => beginForSelection(detail)} ofStylebook />
        ),
    };
    return (
        <section aria-label={TITLES[name]} className="mb-3 border-b border-hair pb-3">
            <h2 className="mb-2 flex items-center text-[12.5px] font-semibold">
                {TITLES[name]}
                <button type="button" className="icon-btn -my-1 ml-auto" aria-label={`Close ${TITLES[name]}`} onClick={onClose}>
                    <X size={13} />
                </button>
            </h2>
            {panels[name]}
        </section>
    );
}
