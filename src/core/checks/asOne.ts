import { deltaE } from '../colour/oklch';
import { visibleHeightCm, type Container } from '../containers/container';
import { halfFrontCm, isHung } from '../containers/shape';
import { middle, type KindId, type PlantKind } from '../plants/kind';
import type { Gathering } from '../plantings/gathering';
import type { Place, PlantingInSpot } from '../plantings/planting';

/** What is said of several containers seen as one. */
interface GroupReading {
  readonly score: number;
  /** Does the tallest stand inside, not at an end? */
  readonly tallestInside: boolean;
  readonly tallestCm: number;
  /** Kinds that every container has. */
  readonly repeated: readonly KindId[];
  /** OKLab distance of the two pot colours furthest apart, and of the nearest two that are not the same. */
  readonly potsApart: number;
  /** Steps of height from one to the next, as shares of the tallest: none is a hedge. */
  readonly steps: readonly number[];
}

/** A step in height that is seen, as a share of the tallest. Ours. */
export const STEP = 0.15;
/** Pot colours nearer than this are one family; much further apart each pulls its own way. Ours. */
export const ONE_FAMILY = 0.12;
const AT_ODDS = 0.35;

/** Joint remarks on containers that stand together, in the order of their line. */
export function readGroup(members: readonly { readonly container: Container; readonly places: readonly Pick<Place, 'kindId'>[]; readonly raisedCm?: number }[], kindOf: (id: KindId) => PlantKind | null): GroupReading | null {
  if (members.length < 2) return null;
  const tops = members.map(({ container, places, raisedCm = 0 }) => raisedCm + (isHung(container.shape) ? 0 : visibleHeightCm(container)) + Math.max(0, ...places.map(({ kindId }) => { const kind = kindOf(kindId); return kind ? middle(kind.heightCm) : 0; })));
  const tallestCm = Math.max(...tops);
  const at = tops.indexOf(tallestCm);
  const tallestInside = members.length < 3 || (at > 0 && at < members.length - 1);
  const repeated = [...new Set(members[0]!.places.map(({ kindId }) => kindId))].filter((id) => members.every(({ places }) => places.some(({ kindId }) => kindId === id)));
  let potsApart = 0;
  members.forEach((a, i) => members.slice(i + 1).forEach((b) => (potsApart = Math.max(potsApart, deltaE(a.container.colour, b.container.colour)))));
  const steps = tops.slice(1).map((top, i) => Math.abs(top - tops[i]!) / tallestCm);
  const stepped = steps.filter((step) => step >= STEP).length / steps.length;
  const pots = potsApart <= ONE_FAMILY ? 1 : Math.max(0.3, 1 - Math.max(0, potsApart - ONE_FAMILY) / AT_ODDS);
  return { score: 0.3 * (tallestInside ? 1 : 0.4) + 0.3 * (repeated.length > 0 ? 1 : 0.2) + 0.2 * pots + 0.2 * stepped, tallestInside, tallestCm, repeated, potsApart, steps };
}

/** A container of a group as it stands: its planting and its place. */
export interface Standing {
  readonly it: PlantingInSpot;
  readonly member: Gathering['members'][number];
}

/** What a group says as one, and which of its containers stand into each other. */
export interface GroupOpinion extends GroupReading {
  /** Pairs whose walls meet, by planting ids. */
  readonly colliding: readonly (readonly [string, string])[];
  /** Planting that is tallest, stand and all. */
  readonly tallest: string;
  /** One whose stand is higher than it is itself: it may be knocked over. */
  readonly unsteady: readonly string[];
}

/** Joint judgement of containers that stand together, left to right. `null` for fewer than two. */
export function groupOpinion(standing: readonly Standing[]): GroupOpinion | null {
  const line = [...standing].sort((a, b) => a.member.atCm - b.member.atCm);
  const kinds = new Map(line.flatMap(({ it }) => it.plants.map(({ kind }) => [kind.id, kind] as const)));
  const reading = readGroup(line.map(({ it, member }) => ({ container: it.planting.container, places: it.plants, raisedCm: member.raisedCm })), (id) => kinds.get(id) ?? null);
  if (!reading) return null;
  const half = (one: Standing) => halfFrontCm(one.it.planting.container.shape);
  const colliding = line.flatMap((one, i) => line.slice(i + 1).filter((other) => Math.hypot(one.member.atCm - other.member.atCm, one.member.backCm - other.member.backCm) < (half(one) + half(other)) * 0.98).map((other) => [one.it.planting.id, other.it.planting.id] as const));
  const tops = line.map(({ it, member }) => member.raisedCm + visibleHeightCm(it.planting.container) + Math.max(0, ...it.plants.map(({ kind }) => middle(kind.heightCm))));
  return {
    ...reading, colliding, tallest: line[tops.indexOf(Math.max(...tops))]!.it.planting.id,
    unsteady: line.filter(({ it, member }) => member.raisedCm > visibleHeightCm(it.planting.container)).map(({ it }) => it.planting.id),
  };
}
