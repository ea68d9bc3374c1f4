import { useEffect, useRef, useState, type RefObject } from 'react';

/** How far below or above what is in sight something is made ready, so that it stands there when it is scrolled to. */
const NEAR = '400px';

/** Whether an element has come near what is in sight; once it has, it stays so. */
export function useInSight<E extends Element>(): [RefObject<E | null>, boolean] {
    const element = useRef<E>(null);
    const [seen, setSeen] = useState(false);
    useEffect(() => {
        if (seen || !element.current) return;
        const observer = new IntersectionObserver((entries) => entries.some((entry) => entry.isIntersecting) && setSeen(true), {
            rootMargin: NEAR,
        });
        observer.observe(element.current);
        return () => observer.disconnect();
    }, [seen]);
    return [element, seen];
}
