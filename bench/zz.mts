import { readdirSync } from 'node:fs';
import { pageCases } from '../corpora/judge';
import { Pantry, readPage } from '../core/index';
const pantry = new Pantry();
const cases = readdirSync('corpora/pages').flatMap((f) => pageCases('corpora/pages/' + f));
const each = (f: any) => (rows: any) => rows.flatMap(f).join('\n');
const isMethod = ({ label, text }: any) => label === 'h' && /^(?:method|instructions?|directions|steps|preparation)\W*$/i.test(text);
const W: any = {
  ad: each((r: any, i: number, all: any) => isMethod(r) && all.slice(0, i).some((o: any) => o.label === 'i') ? ['Advertisement', '', r.text] : r.text),
  numbers: each((r: any, i: number, all: any) => r.label === 'm' && all.every((o: any) => o.label !== 'm' || /^\p{Lu}[\p{L}, ].*[.!]$/u.test(o.text)) ? [String(all.slice(0, i + 1).filter((o: any) => o.label === 'm').length), r.text] : r.text),
};
const parts = (t: string) => { const [f, ...m] = readPage(t, pantry).recipes; return { title: f?.title, plates: f?.plates, lines: f?.lines.map((l) => l.text.trim()), method: f?.method, more: m.length } as any; };
for (const [w, f] of Object.entries(W)) for (const c of cases) {
  const a = parts(c.rows.map((r) => r.text).join('\n')); const b = parts((f as any)(c.rows));
  for (const k of Object.keys(a)) if (JSON.stringify(a[k]) !== JSON.stringify(b[k])) {
    console.log(`== ${w} ${c.name} ${k}`);
    if (k === 'lines') { console.log('   -', a.lines.filter((x: string) => !b.lines.includes(x))); console.log('   +', b.lines.filter((x: string) => !a.lines.includes(x))); }
    else console.log('   -', JSON.stringify(a[k])?.slice(0, 160), '\n   +', JSON.stringify(b[k])?.slice(0, 160));
  }
}
