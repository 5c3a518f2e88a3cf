import { readFileSync } from 'node:fs';
import { Pantry, readPage } from '../core/index';
const pantry = new Pantry();
for (const f of process.argv.slice(2)) { const p = readPage(readFileSync(f, 'utf8'), pantry); console.log('== ' + f, p.recipes.length, p.recipes.map((r) => r.title)); for (const part of p.parts) console.log(part.kind.padEnd(12), part.text.slice(0, 100)); }
