import { useQuery } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { TruthNote } from '@/api/types';
import { useQuiet } from './useQuiet';

const NONE: TruthNote[] = [];

/** What the formats of a sheet hide, and what is stored as something that it is not. */
export function useTruths(id: number, sheet: number, seen: string): TruthNote[] {
    const quiet = useQuiet(seen);
    return (
        useQuery({
            queryKey: ['truths', id, sheet, quiet],
            queryFn: () => api.truths(id, sheet),
            staleTime: Infinity,
            gcTime: 30_000,
            placeholderData: (old) => old,
        }).data ?? NONE
    );
}
