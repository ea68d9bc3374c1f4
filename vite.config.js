import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';
import react from '@vitejs/plugin-react';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';

/** Every browser of today reads woff2: the older files of each face would only be looked up at each start of the page. */
const newestFonts = {
    name: 'newest-fonts',
    enforce: 'pre',
    transform: (code, id) =>
        /@fontsource.*\.css$/.test(id) ? code.replace(/,\s*url\([^)]*\.woff\)\s*format\(['"]woff['"]\)/g, '') : null,
};

export default defineConfig({
    plugins: [
        newestFonts,
        laravel({ input: ['resources/js/main.tsx'], refresh: true }),
        react({ compiler: true }),
        tailwindcss(),
    ],
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    build: { chunkSizeWarningLimit: 900 },
});
