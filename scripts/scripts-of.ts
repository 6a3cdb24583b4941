import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';

/** What is loaded with a script: it, what it imports, and what that imports; not what is only loaded later, and not types. */
export function scriptsOf(entry: string): string[] {
    const reached = new Set<string>();
    const waiting = [entry];
    for (let file = waiting.pop(); file !== undefined; file = waiting.pop()) {
        if (reached.has(file)) continue;
        reached.add(file);
        waiting.push(...importsOf(file));
    }
    return [...reached].map((file) => readFileSync(file, 'utf8'));
}

function importsOf(file: string): string[] {
    const script = readFileSync(file, 'utf8');
    const named = [...script.matchAll(/^(?:import|export)(?! type\b)[^;'"]*?['"](\.[^'"]+)['"]/gm)].map(
        ([, to]) => fileOf(file, to!),
    );
    const globbed = [
        ...script.matchAll(/import\.meta\.glob\b[^('"]*(?:<[^(]*>)?\(\s*['"]\.\/\*\/([^'"*]+)['"]/g),
    ];
    return [...named, ...globbed.flatMap(([, within]) => inEachFolder(dirname(file), within!))].filter(
        (one) => /\.tsx?$/.test(one),
    );
}

function fileOf(from: string, to: string): string {
    const path = resolve(dirname(from), to);
    const found = ['', '.ts', '.tsx', '/index.ts', '/index.tsx']
        .map((end) => path + end)
        .find((one) => existsSync(one) && statSync(one).isFile());
    if (found === undefined) throw new Error(`${from} imports ${to}, which is not there`);
    return found;
}

function inEachFolder(folder: string, file: string): string[] {
    return readdirSync(folder, { withFileTypes: true })
        .filter((one) => one.isDirectory() && existsSync(join(folder, one.name, file)))
        .map((one) => join(folder, one.name, file));
}
