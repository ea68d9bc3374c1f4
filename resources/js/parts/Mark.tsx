import { go } from './path';

/** The product's mark; leads to the shelf. */
export function Mark() {
    return (
        <a
            href="/"
            className="flex items-center gap-2 text-[15px] font-semibold text-damson"
            onClick={(event) => {
                event.preventDefault();
                go('/');
            }}
        >
            <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
                <rect x="1" y="2" width="20" height="4" rx="1.5" fill="#5C2B57" />
                <rect x="1" y="9" width="13" height="4" rx="1.5" fill="#A8691C" />
                <rect x="1" y="16" width="17" height="4" rx="1.5" fill="#5C2B57" opacity=".45" />
            </svg>
            Rilvet
        </a>
    );
}
