import { useWaiting, WAITING } from './away';

/** The foot line of the Bench and of a stylebook says so themselves; on other pages it stands where their foot ends. */
const SAYS_SO = /^\/(workbooks\/\d+|stylebooks\/\d+)\/?$/;

/** Says that the server is waited for: to read what is in sight, or to take a step. */
export function AwayLine({ path }: { path: string }) {
    const waiting = useWaiting();
    if (!waiting || SAYS_SO.test(path)) return null;
    return (
        <p
            role="status"
            className="fixed right-0 bottom-0 z-50 h-[26px] bg-ground px-3 text-[11.5px] leading-[26px] font-semibold text-caution"
        >
            {WAITING}
        </p>
    );
}
