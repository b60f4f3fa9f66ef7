// Writes TypeScript types for everything in schema/, so that no shape is typed twice by hand.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
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

// The sets that people choose from, with what they are called: value and name, in the order of the vocabulary.
const sets = JSON.parse(readFileSync(`${root}schema/vocabulary.schema.json`, 'utf8')).$defs;
const lists = Object.entries(sets)
    .filter(([, set]) => set.names)
    .map(([name, set]) => `    ${name}: ${JSON.stringify(set.enum.map((value) => [value, set.names[value]]))},`);
writeFileSync(
    `${out}/words.ts`,
    `/* Written from schema/vocabulary.schema.json by npm run types. */\nexport const vocabulary = {\n${lists.join('\n')}\n} as const;\n`,
);
