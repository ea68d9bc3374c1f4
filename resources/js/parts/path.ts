import { useSyncExternalStore } from 'react';

function subscribe(listener: () => void): () => void {
    window.addEventListener('popstate', listener);
    return () => window.removeEventListener('popstate', listener);
}

export function usePath(): string {
    return useSyncExternalStore(subscribe, () => location.pathname);
}

export function go(path: string): void {
    history.pushState(null, '', path);
    window.dispatchEvent(new PopStateEvent('popstate'));
}
