import { readFileSync } from 'node:fs';
import { readPreparation } from '@/core/formats/readPreparation';
import { computePlan } from '@/core/preparation/plan';
import { predictProcess } from '@/core/process/predictProcess';
const r=readPreparation(readFileSync('src/data/preparations/acetanilide.json','utf8')); if(!r.ok) throw new Error(JSON.stringify(r));
const plan=computePlan(r.doc);
const p=predictProcess(plan);
const f=(x:number)=>x.toFixed(3);
for(const s of p.steps){console.log(s.step.id,s.step.op,'->',s.product, s.stage?.id, s.touched.map(t=>t+': '+Object.entries(s.shelf[t]!.phases).map(([k,m])=>k+'{'+Object.entries(m!).filter(([,g])=>g>1e-6).map(([i,g])=>i+' '+f(g)).join(', ')+'}').join(' ')).join(' | '));
 for(const l of s.losses) console.log('    loss',l.label,f(l.mass.q.value),l.stage);
 for(const t of s.streams) console.log('    ->',t.to,Object.values(t.matter).reduce((a,b)=>a+b,0).toFixed(3));}
for(const s of p.stages) console.log(s.stage.id,f(s.basis.q.value),f(s.mass.q.value),f(s.low),f(s.high), (s.mass.q.value/plan.charge.product!.mass!.q.value*100).toFixed(1)+'%', f(s.basis.q.value-s.losses.reduce((a,l)=>a+l.mass.q.value,0)));
for(const a of p.assumptions) console.log(a.id,a.label,a.low,a.typical,a.high);

for(let i=0;i<100;i++) predictProcess(plan);
let t=performance.now(); for(let i=0;i<300;i++) predictProcess(plan); console.log((performance.now()-t)/300,'ms');
