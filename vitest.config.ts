import { defineConfig } from 'vitest/config';
import { fileURLToPath } from 'node:url';

export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    // One world for all files: they leave nothing behind, and a world of its own for each is most of the time.
    test: { include: ['resources/js/**/*.test.ts'], isolate: false },
});
