import type { BenchRecord, SheetDetail } from '@/api/types';
import { useFormat } from '@/tray/useFormat';
import { useFormatKeys } from '@/tray/useFormatKeys';
import type { Acts } from '@/work/useActs';

/** Bold, italic and underline by key where the tray with its facets is not in sight. */
export function FormatKeys({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    useFormatKeys(useFormat(bench, detail, acts));
    return null;
}
