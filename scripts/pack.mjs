// Packs what the browser fetches once, as tight as each way goes, beside the files themselves: node scripts/pack.mjs FOLDER

import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = process.argv[2];

for (const name of readdirSync(folder).filter((one) => /\.(js|css)$/.test(one))) {
    const whole = readFileSync(`${folder}/${name}`);
    writeFileSync(`${folder}/${name}.gz`, gzipSync(whole, { level: 9 }));
    writeFileSync(`${folder}/${name}.br`, brotliCompressSync(whole, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: whole.length } }));
}
