import { pageCases } from './corpora/judge';
import { Pantry, readLine, readPage, readScript } from './core/index';
const p=new Pantry();
for (const c of pageCases('corpora/pages/open.txt')) { const r=readPage(c.rows.map(x=>x.text).join('\n'),p).recipes[0]!; const ls=r.lines.map(l=>({read:readLine(l.text,p),section:l.section})); const s=readScript(r.method,ls,p); const used=new Set(s?.acts.flatMap(a=>a.lines.map(l=>l.index)));
 console.log(c.name+': '+(s?.acts.map(a=>`${a.verb}(${a.lines.map(l=>(ls[l.index]!.read.foodText).slice(0,14)+(l.share<1?'½':'')).join(', ')}${a.again.length?' +':''})`).join(' ')??'none')+'\n    UNUSED '+ls.filter((_,i)=>!used.has(i)).map(l=>l.read.foodText).join(', ')); }
