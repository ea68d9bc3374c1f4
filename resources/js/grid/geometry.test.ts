import { describe, expect, it } from 'vitest';
import { Axis } from './geometry';

describe('Axis', () => {
    it('equals a naive sum over many runs', () => {
        let seed = 7;
        const random = (most: number) => (seed = (seed * 16807) % 2147483647) % most;
        for (let round = 0; round < 40; round++) {
            const runs: number[][] = [];
            const sizes = Array.from({ length: 120 }, () => 20);
            for (let at = 1 + random(5); at < 110; at += 2 + random(20)) {
                const last = Math.min(120, at + random(6));
                const size = random(60);
                runs.push([at, last, size]);
                for (let i = at; i <= last; i++) sizes[i - 1] = size;
                at = last;
            }
            const axis = new Axis(120, 20, runs);
            let edge = 0;
            sizes.forEach((size, index) => {
                expect(axis.start(index + 1)).toBe(edge);
                expect(axis.sizeOf(index + 1)).toBe(size);
                if (size > 0) expect(axis.at(edge + size / 2)).toBe(index + 1);
                edge += size;
            });
            expect(axis.total).toBe(edge);
        }
    });
});
