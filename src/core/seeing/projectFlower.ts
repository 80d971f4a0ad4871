import { cross, dot, squareTo } from '../geometry/vec3';
import type { FlowerMark } from '../marks/mark';
import { type Aim } from './lens';
import { type Part } from './part';
import { frameOf, type Face } from './flowers/face';
import { trumpet } from './flowers/trumpet';
import { daisy } from './flowers/daisy';
import { star } from './flowers/star';
import { double } from './flowers/double';
import { cluster } from './flowers/cluster';
import { globe } from './flowers/globe';
import { spike } from './flowers/spike';
import { cloud } from './flowers/cloud';
import { viola } from './flowers/viola';
import { bell } from './flowers/bell';
import { pendant } from './flowers/pendant';
import { cup } from './flowers/cup';
import { plume } from './flowers/plume';
import { flag } from './flowers/flag';
import { lip } from './flowers/lip';
import { spathe } from './flowers/spathe';
import { tassel } from './flowers/tassel';

/** One way of drawing for each form. Where a coarse one is larger or smaller than the full one, it is so that both fill the same room (`detail.test.ts`). */
const DRAW: Readonly<Record<FlowerMark['style']['form'], (f: Face) => void>> = {
  trumpet,
  daisy,
  star,
  double,
  cluster,
  globe,
  spike,
  cloud,
  viola,
  bell,
  pendant,
  cup,
  plume,
  flag,
  lip,
  spathe,
  tassel,
};

/** One flower, head or whorl on the picture. */
export function projectFlower(mark: FlowerMark, a: Aim, detail: 'flat' | 'full'): Part[] {
  const px = mark.radiusCm * a.pxPerCm;
  const x = squareTo(a.right, mark.axis);
  const y = cross(mark.axis, x);
  const r = mark.radiusCm * (0.55 + 0.45 * mark.open);
  const face: Face = {
    mark,
    a,
    p: mark.p,
    lit: mark,
    axis: mark.axis,
    x,
    y,
    r,
    on: frameOf(a, mark.p, x, y, mark.axis, r),
    front: dot(mark.axis, a.toward) >= 0,
    flat: detail === 'flat' || px < 3.2,
    parts: [],
  };
  DRAW[mark.style.form](face);
  return face.parts;
}
