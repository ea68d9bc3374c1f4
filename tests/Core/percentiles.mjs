// Percentiles, deviations and ranks by a statistics library from npm, for the PHP test beside this file.
import library from 'jstat';

const numbers = JSON.parse(process.argv[2]);
const sorted = [...numbers].sort((one, other) => one - other);
console.log(
    JSON.stringify({
        percentiles: [0, 0.1, 0.25, 0.333, 0.5, 0.9, 1].map((share) => library.jStat.percentile(numbers, share)),
        mean: library.jStat.mean(numbers),
        deviation: library.jStat.stdev(numbers, true),
        greatest: [1, 3, 10].map((count) => sorted[sorted.length - Math.min(count, sorted.length)]),
    }),
);
