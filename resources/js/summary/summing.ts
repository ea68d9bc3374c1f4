import { create } from 'zustand';
import type { TableRecord } from '@/api/types';

/** The table that a summary is made of. */
export const useSumming = create<{ table: TableRecord | null }>(() => ({ table: null }));
