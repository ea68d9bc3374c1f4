import { useQuery } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { BenchRecord, PageRecord, PagesRecord } from '@/api/types';

/** How a sheet goes to paper; what was seen last of it stays in sight until the next is known. */
export function usePages(id: number, sheet: number, seen: string) {
    return useQuery({
        queryKey: ['pages', id, sheet, seen],
        queryFn: () => api.pages(id, sheet),
        staleTime: Infinity,
        enabled: sheet > 0,
        placeholderData: (old, query) => (query?.queryKey[2] === sheet ? old : undefined) as PagesRecord | undefined,
    });
}

export function usePage(id: number, sheet: number, seen: string, page: number, pages: number) {
    return useQuery({
        queryKey: ['page', id, sheet, seen, page],
        queryFn: ({ signal }) => api.page(id, sheet, page, signal),
        staleTime: Infinity,
        enabled: page >= 1 && page <= pages,
        placeholderData: (old, query) =>
            (query?.queryKey[2] === sheet && query.queryKey[4] === page ? old : undefined) as PageRecord | undefined,
    });
}

/** How many pages each sheet takes. */
export function usePageCounts(bench: BenchRecord) {
    return useQuery({
        queryKey: ['pageCounts', bench.id, bench.stamp],
        queryFn: () => api.pageCounts(bench.id),
        staleTime: Infinity,
        placeholderData: (old) => old,
    });
}
