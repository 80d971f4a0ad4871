import { fillable, mixDepthCm, surfacesOf, type Container } from '../containers/container';
import { insetCm, type Section } from '../containers/section';
import { gapCm } from '../geometry/discs';
import type { Place } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { once } from '../work/once';

/** Mix between a root ball and the wall, cm: it keeps roots from drying and burning. The usual advice is 2–3; 1 is the least. */
export const RIM_BUFFER_CM = 1;
/** How far two root balls may be squeezed into each other, as a share of their mean width. */
export const SQUASH = 0.12;

/** Cuts at which a ball is held against the wall, with half its width there, by level of mix. */
type Cuts = readonly (readonly (readonly [section: Section, halfCm: number])[])[];

const cutsIn = once((_container: Container) => new Map<NurserySizeId, Cuts>());

function cutsFor(container: Container, size: NurserySizeId): Cuts {
  const held = cutsIn(container);
  let cuts = held.get(size);
  if (!cuts) held.set(size, (cuts = makeCuts(container, size)));
  return cuts;
}

function makeCuts(container: Container, size: NurserySizeId): Cuts {
  const ball = NURSERY_SIZES[size];
  const form = fillable(container);
  const levels = surfacesOf(container);
  return levels.flatMap(({ section, heightCm, floorCm }) => {
    const foot = heightCm - ball.heightCm;
    // Of several levels those that are too shallow take no ball.
    if (levels.length > 1 && foot < floorCm - 1e-6) return [];
    const bends = form.jutsCm.filter((bend) => bend > foot && bend < heightCm && bend >= floorCm);
    return [
      [
        [section, ball.topCm / 2] as const,
        ...bends.map(
          (bend) =>
            [
              form.sectionAt(bend),
              (ball.baseCm + ((ball.topCm - ball.baseCm) * (bend - foot)) / ball.heightCm) / 2,
            ] as const,
        ),
        [form.sectionAt(Math.max(floorCm, foot)), ball.baseCm / 2] as const,
      ],
    ];
  });
}

/**
 * Room left between a root ball and the wall where it is tightest, cm: at its top and bottom edges, and where the wall juts inward between
 * them. Of several levels of mix the roomiest counts.
 * @returns negative when the ball does not fit there
 */
export function wallRoomCm(
  container: Container,
  size: NurserySizeId,
  xCm: number,
  zCm: number,
): number {
  let best = -Infinity;
  for (const cuts of cutsFor(container, size)) {
    let room = Infinity;
    for (const [section, half] of cuts) room = Math.min(room, insetCm(section, xCm, zCm) - half);
    best = Math.max(best, room);
  }
  return best - RIM_BUFFER_CM;
}

/** Succulents are shaken out of their mix and planted shallow: share of the ball's height they need. A usual practice. */
const SHAKEN_OUT = 0.65;

/** Depth of mix a plant from a nursery pot needs to be set in, cm. */
export function settingDepthCm(size: NurserySizeId, { cycle }: Pick<PlantKind, 'cycle'>): number {
  return (
    NURSERY_SIZES[size].heightCm *
    (cycle === 'succulent' || cycle === 'desert succulent' ? SHAKEN_OUT : 1)
  );
}

/** A plant that is set in as it is. */
const ANY = { cycle: 'annual' } as const;

/** Is the mix deep enough to set this kind in from this nursery size? */
export function deepEnough(
  container: Container,
  size: NurserySizeId,
  kind: Pick<PlantKind, 'cycle'> = ANY,
): boolean {
  return mixDepthCm(container) >= settingDepthCm(size, kind);
}

/**
 * Room between two root balls beyond the squeeze allowed, cm.
 * @returns negative when they do not fit side by side
 */
export function ballRoomCm(
  a: Pick<Place, 'xCm' | 'zCm' | 'size'>,
  b: Pick<Place, 'xCm' | 'zCm' | 'size'>,
): number {
  const [ra, rb] = [NURSERY_SIZES[a.size].topCm / 2, NURSERY_SIZES[b.size].topCm / 2];
  return (
    gapCm({ xCm: a.xCm, zCm: a.zCm, radiusCm: ra }, { xCm: b.xCm, zCm: b.zCm, radiusCm: rb }) +
    SQUASH * (ra + rb)
  );
}

/** The worst shortfall of room in a set of places, cm; 0 when all fit. */
export function worstShortfallCm(
  container: Container,
  places: readonly Pick<Place, 'xCm' | 'zCm' | 'size'>[],
): number {
  let worst = 0;
  places.forEach((place, i) => {
    worst = Math.min(worst, wallRoomCm(container, place.size, place.xCm, place.zCm));
    for (let j = 0; j < i; j += 1) worst = Math.min(worst, ballRoomCm(place, places[j]!));
  });
  return -worst;
}

/** Shortfalls smaller than this, cm, are within what a hand can tease. */
export const FIT_TOLERANCE_CM = 0.3;
