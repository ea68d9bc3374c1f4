import type { QueryClient } from '@tanstack/react-query';

/** What was read last under the beginning of a key: it stays in sight while something newer cannot be read. */
export function newest<T>(client: QueryClient, queryKey: unknown[]): T | undefined {
    const read = client.getQueryCache().findAll({ queryKey, predicate: ({ state }) => state.data !== undefined });
    return read.sort((one, other) => other.state.dataUpdatedAt - one.state.dataUpdatedAt)[0]?.state.data as T | undefined;
}
