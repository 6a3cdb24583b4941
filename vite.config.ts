import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { readdirSync, readFileSync } from 'node:fs';
import { defineConfig, type Plugin } from 'vite';

const LANGUAGES = 'resources/lang';

/** What is said before anybody is signed in: the rest of the words comes with the first page behind the door. */
const AT_THE_DOOR = /^(app|error|locale|sign-in|wait)\b/;

function wordsAtTheDoor(): Plugin {
    return {
        name: 'words-at-the-door',
        resolveId: (id) => (id === 'virtual:words-at-the-door' ? `\0${id}` : null),
        load(id) {
            if (id !== '\0virtual:words-at-the-door') return null;
            const catalogues = readdirSync(LANGUAGES).filter((file) => file.endsWith('.json'));
            catalogues.forEach((file) => this.addWatchFile(`${process.cwd()}/${LANGUAGES}/${file}`));
            const words = catalogues.map((file) => {
                const all: Record<string, string> = JSON.parse(readFileSync(`${LANGUAGES}/${file}`, 'utf8'));
                return [
                    file.replace('.json', ''),
                    Object.fromEntries(Object.entries(all).filter(([key]) => AT_THE_DOOR.test(key))),
                ];
            });
            return `export default ${JSON.stringify(Object.fromEntries(words))}`;
        },
    };
}

export default defineConfig({
    plugins: [
        laravel({ input: 'resources/js/main.tsx', refresh: true }),
        react(),
        tailwindcss(),
        wordsAtTheDoor(),
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
