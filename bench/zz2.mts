import { readdirSync } from 'node:fs';
import { scriptCases } from '../corpora/judge';
import { Pantry, readLine } from '../core/index';
import { readScript } from '../core/script/read';
const pantry = new Pantry();
const cases = readdirSync('corpora/scripts').flatMap((f) => scriptCases('corpora/scripts/' + f).map((c) => ({ ...c, read: c.lines.map((t) => ({ read: readLine(t, pantry) })) })));
const acts = (m: string, l: any) => (readScript(m, l, pantry)?.acts ?? []).map((a) => `${a.verb}${a.minutes === null ? '' : '/' + a.minutes}(${a.lines.map((x: any) => (l[x.index].read.food?.id ?? '?') + (x.share === 1 ? '' : '×' + Math.round(x.share * 100) / 100)).join(' ')})`);
const W: any = {
  the: (m: string) => m.replace(/\b(?:the|a|an) (?!(?:rest|remaining|remainder|other|first|second|same|pot|lid|cooker|pressure|heat|minute|few|little|quarter|third|half|dozen|bit|splash|pinch|knob|handful|hour|boil|simmer|side|plate|board|bowl|sieve|while|good|time|bottom|base|top|oven|grill|pan|further)\b)/g, ''),
};
let n = 0;
for (const [w, f] of Object.entries(W)) for (const c of cases) {
  const a = acts(c.method, c.read), b = acts((f as any)(c.method), c.read);
  if (a.join(' ') === b.join(' ')) continue;
  n++;
  console.log(`== ${w} ${c.name}`);
  console.log('   -', a.filter((x) => !b.includes(x)).join(' ')); console.log('   +', b.filter((x) => !a.includes(x)).join(' '));
}
console.log(n, 'of', cases.length);
