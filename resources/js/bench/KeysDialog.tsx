import { DialogFrame } from '@/parts/DialogFrame';
import text from '../../../docs/keys.md?raw';

/** The rows of the table in docs/keys.md, so that keys are written down once. */
const KEYS = text
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| ---'))
    .slice(1)
    .map((line) =>
        line
            .split('|')
            .slice(1, 3)
            .map((cell) => cell.trim()),
    );

export function KeysDialog({ onClose }: { onClose: () => void }) {
    return (
        <DialogFrame title="Keys" width={720} onClose={onClose}>
            <div className="mt-3 max-h-[460px] overflow-auto" tabIndex={0} role="group" aria-label="Keys">
                <table className="w-full text-[12.5px]">
                    <tbody>
                        {KEYS.map(([keys, words]) => (
                            <tr key={keys} className="border-t border-hair align-top">
                                <th scope="row" className="w-[260px] py-1.5 pr-4 text-left font-medium">
                                    {keys}
                                </th>
                                <td className="py-1.5">{words}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
        </DialogFrame>
    );
}
