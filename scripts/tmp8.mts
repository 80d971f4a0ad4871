import { judgeAll } from '../tests/builders/judgement';
const { pairs } = judgeAll();
const by=new Map<string,string[]>();
for (const p of pairs) { const bad = !p.spoke || p.goodScore<=p.spoiltScore; if (bad) by.set(p.spoiling,[...(by.get(p.spoiling)??[]), `${p.planting}${p.spoke?'':' SILENT'} ${p.goodScore.toFixed(3)}>${p.spoiltScore.toFixed(3)}`]); }
for (const [k,l] of by) { const n=pairs.filter(p=>p.spoiling===k).length; console.log(k, n, 'silent', l.filter(x=>x.includes('SILENT')).length, 'not outranked', pairs.filter(p=>p.spoiling===k&&p.goodScore<=p.spoiltScore).length); console.log('   ',l.slice(0,9).join(' | ')); }
const spoke=pairs.filter(p=>p.spoke).length, out=pairs.filter(p=>p.goodScore>p.spoiltScore).length; console.log(pairs.length,'out',(out/pairs.length).toFixed(3),'spoke',(spoke/pairs.length).toFixed(3));
