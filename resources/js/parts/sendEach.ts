import { stumbled } from '@/api/client';
import { offerAgain, tell } from './Messages';

/**
 * Sends files one after the other. Those that the server was not there for are kept and offered once more together, so that
 * nobody has to look for them again.
 *
 * @param sending  told which file is on its way, and null at the end
 */
export async function sendEach(
    files: File[],
    send: (file: File) => Promise<void>,
    sending: (name: string | null) => void,
): Promise<void> {
    const missed: File[] = [];
    let why: unknown = null;
    for (const file of files) {
        sending(file.name);
        try {
            await send(file);
        } catch (fault) {
            if (stumbled(fault)) {
                missed.push(file);
                why = fault;
            } else tell(fault);
        }
    }
    sending(null);
    if (missed.length === 0) return;
    const names = missed.map((file) => file.name).join(', ');
    offerAgain(`${names} did not come in.`, why, () => void sendEach(missed, send, sending));
}
