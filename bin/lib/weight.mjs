// Adds up the compressed scripts that the Plan screen loads, from the build's own list.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const list = JSON.parse(readFileSync('public/build/manifest.json', 'utf8'));
const files = new Set();
const collect = (key) => {
    if (!files.has(list[key].file)) {
        files.add(list[key].file);
        (list[key].imports ?? []).forEach(collect);
    }
};
collect('resources/js/main.tsx');
collect('resources/js/screens/plan/Plan.tsx');
const weight = [...files].filter((file) => file.endsWith('.js')).reduce((sum, file) => sum + gzipSync(readFileSync(`public/build/${file}`)).length, 0) / 1000;
console.log(`${'scripts of the first load of Plan, compressed'.padEnd(58)} ${weight.toFixed(1).padStart(8)} kB    aim: under 200   ${weight < 200 ? 'reached' : 'MISSED'}`);
