import { handComposed } from '../tests/builders/handComposed';
import { enlarged } from '../src/core/containers/shape';
import { scale } from '../src/core/search/scale';
import { fitsSomehow, placeCast } from '../src/core/search/place';
import { askFor, membersOf } from '../src/core/search/remade';
import { BOOK } from '../src/core/plants/book/index';
import { schoolOf } from '../src/core/schools/index';
import { siteOf } from '../src/core/search/judge';
const {it}=handComposed().find(h=>h.name==='Dish of rosettes')!;
for (const t of [.6,.8,1]) { const container={...it.planting.container, shape: enlarged(it.planting.container.shape, Math.sqrt(t))}; const ask={...askFor(it,BOOK),container};
 console.log(t, JSON.stringify(container.shape), membersOf(it).map(m=>m.kind.id+':'+m.role+':'+fitsSomehow(m.kind,m.role,ask)).join(' '), schoolOf(it.planting).id, schoolOf(it.planting).suits(siteOf(ask)), it.plants.map(p=>p.size).join(' '), !!scale(it,container,BOOK)); }
import { placeCounted } from '../src/core/search/place';
import { wallRoomCm, settingDepthCm } from '../src/core/placing/fit';
import { mixDepthCm, mixSurface } from '../src/core/containers/container';
import { settle } from '../src/core/placing/settle';
const container={...it.planting.container, shape: enlarged(it.planting.container.shape, Math.sqrt(.8))}; const ask={...askFor(it,BOOK),container};
for (const m of membersOf(it)) { console.log(m.kind.id, m.kind.sold.map(s=>s.size+' '+settingDepthCm(s.size,m.kind).toFixed(1)+' '+wallRoomCm(container,s.size,0,0).toFixed(2)).join(' | '), mixDepthCm(container), JSON.stringify(mixSurface(container)), placeCounted([{...m,count:1}],schoolOf(it.planting),ask)?.length, JSON.stringify(settle(container,[{xCm:0,zCm:0,size:m.kind.sold[0]!.size,spreadRadiusCm:8}]))); }
