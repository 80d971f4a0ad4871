import type * as z from 'zod';
import { clamp, CM3_PER_L } from '../units/units';
import { MATERIALS } from './materials';
import type { containerFields } from './fields';
import { tierFeetCm } from './forms';
import { disc, grown, reachOf, sectionAreaCm2, type Section } from './section';
import {
  insideDepthCm,
  formOf,
  offset,
  roundBelow,
  sectionAt,
  type Form,
  type Shape,
} from './shape';
import { once } from '../work/once';

export type Container = Readonly<z.infer<typeof containerFields>>;

/** Length over depth of the mix from which a container is long. Ours. */
const LONG = 1.6;

/** Is it longer than deep, to be planted along its length? */
export function isLong(container: Container): boolean {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  return Math.max(acrossCm, deepCm) > LONG * Math.min(acrossCm, deepCm);
}

/** Wall thickness, cm: as measured, or as usual for the material. */
export function wallOf({ wallCm, material }: Pick<Container, 'wallCm' | 'material'>): number {
  return wallCm ?? MATERIALS[material].wallCm;
}

/** What can be filled: the inside less its liner. */
export const fillable = once(({ shape, linerCm }: Container): Form => {
  return formOf(linerCm === 0 ? shape : offset(shape, -linerCm));
});

/** Height of the mix above the inside base, cm. */
export function mixHeightCm(container: Container): number {
  return fillable(container).depthCm - container.headspaceCm;
}

/** A level of mix that is planted. Tiers have one each. */
export interface Surface {
  readonly section: Section;
  /** Height above the inside base, cm. */
  readonly heightCm: number;
  /** Where the mix under it begins, above the inside base, cm. */
  readonly floorCm: number;
}

/** The planted levels, lowest first: one, but for tiered vessels, whose lower tiers are rings round the next. */
export const surfacesOf = once(findSurfaces);

function findSurfaces(container: Container): readonly Surface[] {
  const form = fillable(container);
  const top = {
    section: form.sectionAt(mixHeightCm(container)),
    heightCm: mixHeightCm(container),
    floorCm: mixFloorCm(container),
  };
  const { shape } = container;
  if (shape.kind !== 'tiered') return [top];
  const feet = tierFeetCm(shape);
  return shape.tiers.map((_, i) => {
    const next = shape.tiers[i + 1];
    if (!next) return { ...top, floorCm: feet[i]! };
    const heightCm = feet[i + 1]! - 1e-6;
    const section = form.sectionAt(heightCm);
    return {
      section:
        section.kind === 'disc'
          ? disc(section.radiusCm, next.baseCm / 2 + wallOf(container))
          : section,
      heightCm,
      floorCm: i === 0 ? mixFloorCm(container) : feet[i]!,
    };
  });
}

/** Height of the mix under a point of the plan, above the inside base, cm. */
export function soilHeightCm(container: Container, xCm: number, zCm: number): number {
  const all = surfacesOf(container);
  if (all.length === 1) return all[0]!.heightCm;
  const r = Math.hypot(xCm, zCm);
  return (
    all.find(
      ({ section }) => section.kind === 'disc' && r >= section.holeCm && section.holeCm > 0,
    ) ?? all[all.length - 1]!
  ).heightCm;
}

/** All of the mix that can be planted, seen from above. */
export function mixSurface(container: Container): Section {
  const [lowest] = surfacesOf(container);
  return lowest!.section.kind === 'disc' && lowest!.section.holeCm > 0
    ? disc(lowest!.section.radiusCm)
    : lowest!.section;
}

/** Area of the mix's surface, cm². */
export function mixAreaCm2(container: Container): number {
  return sectionAreaCm2(mixSurface(container));
}

/** Litres of mix, root balls included; the reservoir and the coarse layer hold none. Litres poured win over the shape. */
export const mixL = once(measureMix);

function measureMix(container: Container): number {
  const form = fillable(container);
  const shaped =
    form.volumeBelowL(mixHeightCm(container)) - form.volumeBelowL(mixFloorCm(container));
  return Math.max(0, shaped + brimL(container) - form.volumeBelowL(form.depthCm));
}

/** Litres to the brim, liner taken off: as poured, or by the shape. */
export function brimL(container: Container): number {
  if (container.volumeFrom === 'poured' && container.pouredL !== null) return container.pouredL;
  const form = fillable(container);
  return form.volumeBelowL(form.depthCm);
}

/** Where the mix begins above the inside base, cm: over the reservoir and what lies on the holes. */
export function mixFloorCm(container: Container): number {
  const layer = container.foot === 'coarse' || container.foot === 'crocks' ? container.footCm : 0;
  return reservoirHeightCm(container) + layer;
}

/** Height of the reservoir above the inside base, cm. Columns of mix that stand in it as wicks are left out. */
function reservoirHeightCm(container: Container): number {
  if (container.reservoirL === 0) return 0;
  const form = fillable(container);
  let [low, high] = [0, form.depthCm];
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (form.volumeBelowL(middle) < container.reservoirL) low = middle;
    else high = middle;
  }
  return high;
}

/** Litres that a coarse layer or crocks take from the mix. */
export function footL(container: Container): number {
  const form = fillable(container);
  return form.volumeBelowL(mixFloorCm(container)) - form.volumeBelowL(reservoirHeightCm(container));
}

/** Depth of mix for roots where it is deepest, cm. */
export function mixDepthCm(container: Container): number {
  return Math.max(...surfacesOf(container).map(({ heightCm, floorCm }) => heightCm - floorCm));
}

/** Rule-of-thumb headspace, cm: 2, or 2.5 for baskets, 3 for pots over 40 cm deep. It is the watering reservoir. */
export function usualHeadspaceCm(shape: Shape): number {
  const depthCm = insideDepthCm(shape);
  const usual = shape.kind === 'basket' || shape.kind === 'cone' ? 2.5 : depthCm > 40 ? 3 : 2;
  return clamp(usual, 0.5, depthCm / 3);
}

/** Outside height as seen, cm: feet, the base's thickness and the inside depth. */
export function visibleHeightCm(container: Container): number {
  return container.feetCm + insideDepthCm(container.shape) + wallOf(container);
}

/** Height of the inside base above what it stands on, cm. */
export function insideBaseCm(container: Container): number {
  return container.feetCm + wallOf(container);
}

/** How far leaves may reach past the rim without anyone calling it crowded, cm. Ours. */
const PAST_RIM_CM = 12;

/** Plan area that grown leaves may take: the mix and a hand's breadth past the rim, cm². */
export function growingRoomCm2(container: Container): number {
  return sectionAreaCm2(grown(mixSurface(container), PAST_RIM_CM));
}

/** The outside of the wall at a height above the inside base: the inside widened by the wall. */
export function outerSection(container: Container, heightCm: number): Section {
  return grown(sectionAt(container.shape, heightCm), wallOf(container));
}

/** A bowl that is round below stands on a foot: a ring so wide against its top. Ours; bowls are made with feet of a third to two thirds. */
const FOOT_SHARE = 0.5;

/** What a container stands on: its base, or the foot of one that is round below. */
export function standingSection(container: Container): Section {
  const { shape } = container;
  return shape.kind === 'bowl'
    ? { kind: 'disc', radiusCm: (shape.topCm * FOOT_SHARE) / 2, holeCm: 0 }
    : outerSection(container, 0);
}

/** Volume of the wall and base, litres: the inside widened by the wall, and a slab as thick under a flat base, less the inside. */
export const wallVolumeL = once(measureWall);

function measureWall(container: Container): number {
  const { shape } = container;
  const t = wallOf(container);
  const outer = formOf(offset(shape, t));
  const inner = formOf(shape);
  const slabL = roundBelow(shape) ? 0 : (sectionAreaCm2(outer.sectionAt(0)) * t) / CM3_PER_L;
  const steps =
    shape.kind === 'tiered'
      ? (shape.tiers
          .slice(1)
          .reduce((sum, { baseCm }) => sum + Math.PI * (baseCm / 2 + t) ** 2, 0) *
          t) /
        CM3_PER_L
      : 0;
  return outer.volumeBelowL(outer.depthCm) + slabL + steps - inner.volumeBelowL(inner.depthCm);
}
