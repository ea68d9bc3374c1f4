import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, Refused } from '@/api/client';
import { CannotShow } from '@/parts/CannotShow';
import { BookBench } from './BookBench';

/** A stylebook: its draft is opened, and seen on a specimen. */
export function BookPage({ id }: { id: number }) {
    const book = useQuery({ queryKey: ['book', id], queryFn: () => api.draft(id), staleTime: Infinity });
    useEffect(() => {
        if (book.data) document.title = `${book.data.name} · Rilvet`;
    }, [book.data]);
    if (book.errorUpdateCount > 0 && !book.data)
        return (
            <CannotShow
                title={
                    book.error instanceof Refused && book.error.status === 404
                        ? 'This stylebook is not on the shelf'
                        : 'The stylebook cannot be opened at present'
                }
                message={book.error?.message ?? 'It is asked for again…'}
                onAgain={() => void book.refetch()}
            />
        );
    if (!book.data || book.data.specimen === null) return <main className="p-10 text-quiet">Opening the stylebook…</main>;
    return <BookBench key={book.data.specimen} id={id} specimen={book.data.specimen} />;
}
