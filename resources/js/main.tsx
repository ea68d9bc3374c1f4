import '../css/app.css';
import './fonts';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { stumbled } from './api/client';
import { BatchPage } from './batch/BatchPage';
import { BenchPage } from './bench/BenchPage';
import { BookPage } from './book/BookPage';
import { Asking } from './parts/Ask';
import { Boundary } from './parts/Boundary';
import { CannotShow } from './parts/CannotShow';
import { Announced } from './parts/announce';
import { Messages } from './parts/Messages';
import { usePath } from './parts/path';
import { SeriesPage } from './shelf/SeriesPage';
import { ShelfPage } from './shelf/ShelfPage';
import { AwayLine } from './work/AwayLine';
import { askAgain } from './work/away';

const client = new QueryClient({
    defaultOptions: {
        queries: {
            // What is wrong is said at once; a server that stumbles is asked again.
            retry: (times, fault) => times < 2 && stumbled(fault),
            retryDelay: (times) => 300 * 2 ** times,
            refetchOnWindowFocus: false,
            // The server may stand on the same machine, which needs no network for that.
            networkMode: 'always',
        },
    },
});
askAgain(client);

function Page({ path }: { path: string }) {
    const [, workbook, view] = /^\/workbooks\/(\d+)(?:\/(findings|side-by-side|paper))?\/?$/.exec(path) ?? [];
    const stylebook = /^\/stylebooks\/(\d+)\/?$/.exec(path)?.[1];
    const batch = /^\/batches\/([0-9a-f-]{36})\/?$/.exec(path)?.[1];
    if (batch) return <BatchPage key={batch} id={batch} />;
    if (path === '/findings') return <SeriesPage />;
    if (stylebook) return <BookPage key={stylebook} id={Number(stylebook)} />;
    return workbook ? (
        <BenchPage
            key={workbook}
            id={Number(workbook)}
            view={view === 'findings' || view === 'side-by-side' || view === 'paper' ? view : 'bench'}
        />
    ) : path === '/' ? (
        <ShelfPage />
    ) : (
        <CannotShow title="There is nothing at this address" message="It may have been written wrong, or be an old one." />
    );
}

function App() {
    const path = usePath();
    // What led to the stop may be an answer that is kept: all of them are asked for again.
    return (
        <Boundary path={path} onAgain={() => client.clear()}>
            <Page path={path} />
            <AwayLine path={path} />
        </Boundary>
    );
}

// A file that is dropped beside a place that takes it must not make the browser leave the page.
for (const name of ['dragover', 'drop'] as const) window.addEventListener(name, (event) => event.preventDefault());

const root = document.getElementById('app');
if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <App />
                <Asking />
                <Messages />
                <Announced />
            </QueryClientProvider>
        </StrictMode>,
    );
}
