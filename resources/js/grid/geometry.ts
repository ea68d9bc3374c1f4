/** Where rows or columns begin, in px, when most of them share one size and some differ. Counted from 1. */
export class Axis {
    private readonly starts: { from: number; at: number }[] = [];

    /** @param runs first, last, size; sorted and disjoint */
    constructor(
        readonly count: number,
        private readonly size: number,
        private readonly runs: number[][],
    ) {
        let shift = 0;
        for (const [first = 0, last = 0, own = 0] of runs) {
            this.starts.push({ from: first, at: shift });
            shift += (last - first + 1) * (own - size);
        }
        this.starts.push({ from: Infinity, at: shift });
    }

    static ofSizes(sizes: number[], count: number, size: number): Axis {
        return new Axis(
            count,
            size,
            sizes.map((own, index) => [index + 1, index + 1, own]),
        );
    }

    sizeOf(index: number): number {
        const run = this.runAt(index);
        return run?.[2] ?? this.size;
    }

    /** The edge before an item. */
    start(index: number): number {
        let low = 0;
        let high = this.runs.length;
        while (low < high) {
            const middle = (low + high) >> 1;
            if ((this.runs[middle]?.[1] ?? 0) < index) low = middle + 1;
            else high = middle;
        }
        const base = (index - 1) * this.size + (this.starts[low]?.at ?? 0);
        const run = this.runs[low];
        return run && (run[0] ?? 0) < index ? base + (index - (run[0] ?? 0)) * ((run[2] ?? 0) - this.size) : base;
    }

    end(index: number): number {
        return this.start(index) + this.sizeOf(index);
    }

    get total(): number {
        return this.start(this.count + 1);
    }

    /** The item at a distance from the beginning. */
    at(px: number): number {
        let low = 1;
        let high = this.count;
        while (low < high) {
            const middle = (low + high + 1) >> 1;
            if (this.start(middle) <= px) low = middle;
            else high = middle - 1;
        }
        return low;
    }

    private runAt(index: number): number[] | undefined {
        let low = 0;
        let high = this.runs.length - 1;
        while (low <= high) {
            const middle = (low + high) >> 1;
            const run = this.runs[middle] ?? [];
            if (index < (run[0] ?? 0)) high = middle - 1;
            else if (index > (run[1] ?? 0)) low = middle + 1;
            else return run;
        }
        return undefined;
    }
}
