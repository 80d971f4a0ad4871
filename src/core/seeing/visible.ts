import { looksOf, type Look, type Seen } from '../checks/outlook';
import { read, sampledWeeks } from '../checks/reading';
import type { PlantingInSpot } from '../plantings/planting';
import { extentOfPlanting } from './framing';
import { CONTAINER_ID, FLORAL, itemBuffer, type ItemBuffer } from './itemBuffer';
import type { Picture } from './part';
import { drawElevation, growScene, type Scene } from './scene';
import { finished } from '../work/steps';
import { subjectOf } from './subject';

/**
 * The picture that is counted: as large as the Bench shows it, since outlines are drawn in pixels and take more of a small picture; at full detail,
 * since leaf edges and stalks cover too; in three cells to four pixels. Against the pixels of a painted drawing shares are right within 3 % (`drawingCounted.spec.ts`).
 */
const PICTURE_PX = 468;
const SCALE = 0.75;

/**
 * What is seen of each plant in a week, counted on the drawn leaves, stems and flowers themselves: of the cells a plant fills when it stands
 * alone in its container, those it fills among the others; and the same of its flowers.
 */
export function countSeen(it: PlantingInSpot, weeks: number): Seen {
  return finished(countingSeen(it, weeks));
}

/** {@link countSeen} in steps of some tens of milliseconds. */
export function* countingSeen(it: PlantingInSpot, weeks: number): Generator<void, Seen> {
  const scene = yield* growScene(subjectOf(it), weeks);
  const share = it.plants.map(() => 0);
  const areaCm2 = it.plants.map(() => 0);
  const flowers = it.plants.map(() => 0);
  for (const look of looksOf(it)) {
    const { picture, pxPerCm } = yield* pictured(it, scene, look);
    const together = cells(itemBuffer(picture, SCALE, 'apart'), it.plants.length);
    for (let i = 0; i < it.plants.length; i += 1) {
      yield;
      const alone = cells(itemBuffer(only(picture, i), SCALE, 'apart'), it.plants.length);
      const [seen, own] = [
        together.leaves[i]! + together.flowers[i]!,
        alone.leaves[i]! + alone.flowers[i]!,
      ];
      share[i]! += (own > 0 ? Math.min(1, seen / own) : 0) * look.weight;
      flowers[i]! +=
        (alone.flowers[i]! > 0 ? Math.min(1, together.flowers[i]! / alone.flowers[i]!) : 1) *
        look.weight;
      areaCm2[i]! += (seen / (SCALE * pxPerCm) ** 2) * look.weight;
    }
  }
  return { share, areaCm2, flowers };
}

/** The weeks that checks look at, counted one after the other; `null` between two steps of one. */
export function* countSeason(
  it: PlantingInSpot,
): Generator<readonly [week: number, seen: Seen] | null> {
  for (const week of sampledWeeks(read(it))) {
    const steps = countingSeen(it, week);
    for (;;) {
      const { done, value } = steps.next();
      if (done) {
        yield [week, value];
        break;
      }
      yield null;
    }
  }
}

function* pictured(
  it: PlantingInSpot,
  scene: Scene,
  look: Look,
): Generator<void, { readonly picture: Picture; readonly pxPerCm: number }> {
  const { leftCm, rightCm, aboveCm, belowCm } = extentOfPlanting(it);
  const side = Math.max(leftCm + rightCm, aboveCm + belowCm);
  const pxPerCm = PICTURE_PX / side;
  const frame = {
    widthPx: Math.ceil((leftCm + rightCm) * pxPerCm),
    heightPx: Math.ceil((aboveCm + belowCm) * pxPerCm),
  };
  return {
    picture: yield* drawElevation(
      scene,
      { ...look, pxPerCm, originX: leftCm * pxPerCm, originY: aboveCm * pxPerCm },
      'full',
      frame,
    ),
    pxPerCm,
  };
}

/** The picture with one plant only, and its container. */
function only(picture: Picture, plant: number): Picture {
  return {
    ...picture,
    layers: picture.layers.map((layer) => ({
      ...layer,
      drawn: layer.drawn.filter((drawn) => drawn.plant === plant || drawn.plant < 0),
    })),
  };
}

function cells(
  { ids }: ItemBuffer,
  plants: number,
): { readonly leaves: readonly number[]; readonly flowers: readonly number[] } {
  const leaves = new Array<number>(plants).fill(0);
  const flowers = new Array<number>(plants).fill(0);
  for (const id of ids) {
    if (id === 0 || id === CONTAINER_ID) continue;
    if (id > FLORAL) flowers[id - FLORAL - 1]! += 1;
    else leaves[id - 1]! += 1;
  }
  return { leaves, flowers };
}
