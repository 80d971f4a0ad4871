import { looksOf, type Look, type Seen } from '../checks/outlook';
import { read, sampledWeeks } from '../checks/reading';
import type { PlantingInSpot } from '../plantings/planting';
import { extentOf } from './framing';
import { CONTAINER_ID, FLORAL, itemBuffer, type ItemBuffer } from './itemBuffer';
import type { Picture } from './part';
import { buildScene, elevation, type Scene } from './scene';
import { subjectOf } from './subject';

/** Picture cells across the longer side: what is counted is shares, and a quarter of a screen picture tells them to about a hundredth. */
const CELLS = 150;
/** Picture pixels for each cell. */
const SCALE = 0.25;

/**
 * What is seen of each plant in a week, counted on the drawn leaves, stems and flowers themselves: of the cells a plant fills when it stands
 * alone in its container, those it fills among the others; and the same of its flowers.
 */
export function countSeen(it: PlantingInSpot, weeks: number): Seen {
  const scene = buildScene(subjectOf(it), weeks);
  const share = it.plants.map(() => 0);
  const areaCm2 = it.plants.map(() => 0);
  const flowers = it.plants.map(() => 0);
  for (const look of looksOf(it)) {
    const { picture, pxPerCm } = pictured(it, scene, look);
    const together = cells(itemBuffer(picture, SCALE, 'apart'), it.plants.length);
    it.plants.forEach((_, i) => {
      const alone = cells(itemBuffer(only(picture, i), SCALE, 'apart'), it.plants.length);
      const [seen, own] = [together.leaves[i]! + together.flowers[i]!, alone.leaves[i]! + alone.flowers[i]!];
      share[i]! += (own > 0 ? Math.min(1, seen / own) : 0) * look.weight;
      flowers[i]! += (alone.flowers[i]! > 0 ? Math.min(1, together.flowers[i]! / alone.flowers[i]!) : 1) * look.weight;
      areaCm2[i]! += (seen / (SCALE * pxPerCm) ** 2) * look.weight;
    });
  }
  return { share, areaCm2, flowers };
}

/** The weeks that checks look at, counted one after the other. */
export function* countSeason(it: PlantingInSpot): Generator<readonly [week: number, seen: Seen]> {
  for (const week of sampledWeeks(read(it))) yield [week, countSeen(it, week)];
}

function pictured(it: PlantingInSpot, scene: Scene, look: Look): { readonly picture: Picture; readonly pxPerCm: number } {
  const { leftCm, rightCm, aboveCm, belowCm } = extentOf(read(it));
  const side = Math.max(leftCm + rightCm, aboveCm + belowCm);
  const pxPerCm = CELLS / SCALE / side;
  const frame = { widthPx: Math.ceil((leftCm + rightCm) * pxPerCm), heightPx: Math.ceil((aboveCm + belowCm) * pxPerCm) };
  return { picture: elevation(scene, { ...look, pxPerCm, originX: leftCm * pxPerCm, originY: aboveCm * pxPerCm }, 'flat', frame), pxPerCm };
}

/** The picture with one plant only, and its container. */
function only(picture: Picture, plant: number): Picture {
  return { ...picture, layers: picture.layers.map((layer) => ({ ...layer, drawn: layer.drawn.filter((drawn) => drawn.plant === plant || drawn.plant < 0) })) };
}

function cells({ ids }: ItemBuffer, plants: number): { readonly leaves: readonly number[]; readonly flowers: readonly number[] } {
  const leaves = new Array<number>(plants).fill(0);
  const flowers = new Array<number>(plants).fill(0);
  for (const id of ids) {
    if (id === 0 || id === CONTAINER_ID) continue;
    if (id > FLORAL) flowers[id - FLORAL - 1]! += 1;
    else leaves[id - 1]! += 1;
  }
  return { leaves, flowers };
}
