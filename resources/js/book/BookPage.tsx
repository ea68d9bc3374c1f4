import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api } from '@/api/client';
import { CannotOpen } from '@/parts/CannotShow';
import { BookBench } from './BookBench';

/** A stylebook: its draft is opened, and seen on a specimen. */
export function BookPage({ id }: { id: number }) {
    const book = useQuery({ queryKey: ['book', id], queryFn: () => api.draft(id), staleTime: Infinity });
    useEffect(() => {
        if (book.data) document.title = `${book.data.name} · Rilvet`;
    }, [book.data]);
    if (book.errorUpdateCount > 0 && !book.data) return <CannotOpen what="stylebook" query={book} />;
    if (!book.data || book.data.specimen === null) return <main className="p-10 text-quiet">Opening the stylebook…</main>;
    return <BookBench key={book.data.specimen} id={id} specimen={book.data.specimen} />;
}
