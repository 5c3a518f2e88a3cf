import { scriptCases } from './corpora/judge';
import { planDish, emptyDish, defaultKitchen } from './core/index';
for (const c of scriptCases('corpora/scripts/open.txt').filter((_,i)=>process.argv[2]?i===Number(process.argv[2]):true)) {
 const dish={...emptyDish('d',c.name,0), lines:c.lines.map((text,i)=>({id:'l'+i,text})), method:c.method};
 const t=performance.now(); const p=planDish(dish,defaultKitchen()); const ms=performance.now()-t;
 console.log('=== '+c.name, ms.toFixed(1)+'ms', 'total '+Math.round(p.timing.totalS.mid/60)+' min');
 for (const s of p.steps) console.log(`[${s.phase}] ${s.title} (${Math.round(s.durationS.mid/60)} min) — ${s.text} {${s.items.map(i=>i.amount+' '+i.name).join('; ')}} ${s.words?'“'+s.words.slice(0,80)+'”':''}`);
 console.log(p.findings.map(f=>f.severity+': '+f.text).join('\n'));
}
