import { create } from 'zustand';

/** Which dialog of routines is open on the Bench. */
export const useRoutines = create<{ open: 'keep' | 'replay' | null }>(() => ({ open: null }));
