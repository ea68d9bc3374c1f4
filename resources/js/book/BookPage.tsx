import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, Refused } from '@/api/client';
import { go } from '@/parts/path';
import { BookBench } from './BookBench';

/** A stylebook: its draft is opened, and seen on a specimen. */
export function BookPage({ id }: { id: number }) {
    const book = useQuery({ queryKey: ['book', id], queryFn: () => api.draft(id), staleTime: Infinity });
    useEffect(() => {
        if (book.data) document.title = `${book.data.name} · Rilvet`;
    }, [book.data]);
    if (book.isError)
        return (
            <main className="p-10">
                <h1 className="mb-2 text-[15px] font-semibold">
                    {book.error instanceof Refused && book.error.status === 404
                        ? 'This stylebook is not on the shelf'
                        : 'The stylebook cannot be opened at present'}
                </h1>
                <p className="mb-4 text-quiet">{book.error.message}</p>
                <button type="button" className="btn mr-2" onClick={() => void book.refetch()}>
                    Try again
                </button>
                <button type="button" className="btn" onClick={() => go('/')}>
                    Back to the shelf
                </button>
            </main>
        );
    if (!book.data || book.data.specimen === null) return <main className="p-10 text-quiet">Opening the stylebook…</main>;
    return <BookBench key={book.data.specimen} id={id} specimen={book.data.specimen} />;
}
