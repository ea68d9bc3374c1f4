// The reference implementation's texts for pairs of format code and value, as JSON from standard input to standard output.
import { readFileSync } from 'node:fs';
import { format } from 'numfmt';

const pairs = JSON.parse(readFileSync(0, 'utf8'));
console.log(
    JSON.stringify(
        pairs.map(([code, value]) => {
            try {
                return format(code, value, { nbsp: false });
            } catch {
                return null;
            }
        }),
    ),
);
