import { api, type Rect } from '@/api/client';
import { useBench, type Trial } from './state';

/** What is tried would do, as far as it is in sight. */
export function seenTrial(id: number, sheet: number, trial: Trial, view: Rect, signal: AbortSignal) {
    return 'revise' in trial
        ? api.previewRevision(id, sheet, trial.revise, trial.args, view, signal)
        : api.preview(id, sheet, trial.act, trial.args, view, signal);
}

/** Resting on something, or reaching it by key, tries it on. */
export function trying(trial: Trial | null) {
    if (!trial) return {};
    const { tryOn } = useBench.getState();
    return {
        onMouseEnter: () => tryOn(trial),
        onMouseLeave: () => tryOn(null),
        onFocus: (event: { currentTarget: Element }) => event.currentTarget.matches(':focus-visible') && tryOn(trial),
        onBlur: () => tryOn(null),
    };
}
