import type { NameRecord } from '@/api/types';
import { parse } from '@/grid/address';
import { useBench } from './state';

/** Goes to the cells of a name, on whichever sheet they are. */
export function goToName(name: NameRecord): void {
    const { sheet, open, select } = useBench.getState();
    if (sheet !== name.sheet) open(name.sheet);
    select(name.ranges.split(',').flatMap((text) => parse(text) ?? []));
}
