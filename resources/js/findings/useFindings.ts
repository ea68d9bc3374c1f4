import { useQuery } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { BenchRecord, FindingRecord, FindingsRecord } from '@/api/types';
import { useQuiet } from '@/work/useQuiet';

const NONE: FindingRecord[] = [];

/** What is found in a workbook: looked for behind the screen after each change, a little at a time. */
export function useFindings(
    bench: BenchRecord | undefined,
    sheet: number,
    open: boolean,
): FindingsRecord & { stamp: string; settled: boolean } {
    const now = bench?.stamp ?? '';
    const quiet = useQuiet(now, 3_000);
    const stamp = open ? now : quiet;
    const id = bench?.id ?? 0;
    const query = useQuery({
        queryKey: ['findings', id, stamp],
        queryFn: ({ signal }) => api.findings(id, sheet, signal),
        // A workbook that is the specimen of a stylebook is looked over in the Stylebook screen.
        enabled: stamp !== '' && bench?.book === null,
        staleTime: Infinity,
        gcTime: 60_000,
        placeholderData: (old) => old,
        // What is not looked over yet is asked for until it is.
        refetchInterval: ({ state }) => (state.data && state.data.looked < state.data.sheets ? 100 : false),
    });
    const data = query.data;
    return {
        findings: data?.findings ?? NONE,
        looked: query.isPlaceholderData ? 0 : (data?.looked ?? 0),
        sheets: data?.sheets ?? bench?.sheets.length ?? 0,
        stamp,
        settled: !query.isPlaceholderData && data !== undefined,
    };
}

/** Those that a person has to look at: what was left is not among them, nor what is a note. */
export const open = (findings: FindingRecord[]) => findings.filter((one) => one.left === null && one.severity !== 'note');
