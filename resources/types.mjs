// Writes TypeScript types for everything in schema/, so that no shape is typed twice by hand.
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { compileFromFile } from 'json-schema-to-typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const out = `${root}resources/js/api/types`;
mkdirSync(out, { recursive: true });
for (const file of readdirSync(`${root}schema`)) {
    const types = await compileFromFile(`${root}schema/${file}`, {
        additionalProperties: false,
        ignoreMinAndMaxItems: true,
        bannerComment: `/* Written from schema/${file} by npm run types. */`,
        cwd: `${root}schema`,
    });
    writeFileSync(`${out}/${file.replace('.schema.json', '.ts')}`, types);
}
