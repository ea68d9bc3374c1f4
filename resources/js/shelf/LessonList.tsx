import { useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { api } from '@/api/client';
import type { LessonRecord } from '@/api/types';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';

/** What corrections of readings have taught: tables that come with the same headings are read by it, until it is forgotten. */
export function LessonList({ lessons }: { lessons: LessonRecord[] }) {
    const client = useQueryClient();
    if (lessons.length === 0) return null;
    const forget = (lesson: LessonRecord) =>
        void api.forget(lesson.id).then(() => {
            say('Forgotten. Workbooks that were read by it stay as they are.');
            return client.invalidateQueries({ queryKey: ['shelf'] });
        }, tell);
    return (
        <section aria-labelledby="lessons" className="mt-5">
            <h2 id="lessons" className="mb-1 text-[15px] font-semibold">
                Learned readings
            </h2>
            <p className="mb-2 text-[12px] leading-snug text-quiet">
                Tables that come with these headings are read as you corrected them once.
            </p>
            <ul>
                {lessons.map((lesson) => (
                    <li key={lesson.id} className="flex items-start gap-2 border-t border-hair py-1.5 text-[12.5px]">
                        <span className="min-w-0 flex-1">
                            <span className="block truncate" title={lesson.headings}>
                                {lesson.headings}
                            </span>
                            <span className="text-[12px] text-quiet">
                                from {lesson.from}, {counted(lesson.corrections, 'correction')}
                            </span>
                        </span>
                        <button
                            type="button"
                            className="icon-btn -my-1"
                            aria-label={`Forget what was learned of ${lesson.headings}`}
                            title="Forget it"
                            onClick={() => forget(lesson)}
                        >
                            <X size={13} />
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
