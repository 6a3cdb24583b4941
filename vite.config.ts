import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { wordsByPage } from './scripts/words-by-page.ts';

export default defineConfig({
    plugins: [
        laravel({ input: 'resources/js/main.tsx', refresh: true }),
        react(),
        tailwindcss(),
        wordsByPage(),
    ],
    build: {
        chunkSizeWarningLimit: 900,
        rolldownOptions: {
            checks: { circularDependency: true },
            onLog(level, log, report) {
                const ours = log.code === 'CIRCULAR_DEPENDENCY' && !log.message.includes('node_modules');
                report(ours ? 'error' : level, log);
            },
        },
    },
});
