import { leadingColour } from '../../plants/colours';
import { clamp, RAD_PER_DEG } from '../../units/units';
import { insetCm, outlineOf, reachOf, type Section } from '../../containers/section';
import { halfDepthCm, halfFrontCm, rimSection } from '../../containers/shape';
import { gravelCm } from '../../placing/fit';
import type { Check } from '../check';
import type { Reading } from '../reading';
import { rolesPlayed } from '../rolesPlayed';

export interface BalanceFacts {
  /** Lean of visual mass to the right (+) or left (−), −1 to 1 of the half width. */
  readonly lean: number;
  /** Widest stretch of rim without a plant near it, as a share of the rim in view. */
  readonly bareRim: number;
  /** How far apart the mean colours left and right of the middle are, OKLab. */
  readonly colourLean: number;
  /** Middle of the plants at the rim, −1 left to 1 right of the half width. */
  readonly edgeLean: number;
}

/** Nearness to the rim that counts as dressing it, cm beyond the leaves. */
const RIM_REACH_CM = 3;

/** Is visual mass level from side to side, and the rim dressed all round where it is seen? */
export const balance: Check<'balance', BalanceFacts> = {
  id: 'balance',
  weight: 1.2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Height × spread as visual mass, its middle against the container; bare stretches of rim measured where they are seen.',
  },
  limits: { trouble: 0.25, look: 0.6 },
  judge: (reading) => {
    if (reading.plants.length < 3) return null;
    const { shape } = reading.planting.container;
    let mass = 0;
    let moment = 0;
    let depthMoment = 0;
    reading.grownRows().forEach(({ plant, size }) => {
      const m = (size.heightCm + size.trailCm * 0.6) * size.spreadCm;
      mass += m;
      moment += m * plant.xCm;
      depthMoment += m * plant.zCm;
    });
    const lean = moment / mass / halfFrontCm(shape);
    const all = reading.spot.view !== 'one side';
    const depthLean = all ? depthMoment / mass / halfDepthCm(shape) : 0;
    const bareRim = bareStretch(reading, all);
    const colours = colourLean(reading);
    const edges = edgeLean(reading);
    return {
      score: clamp(
        1 -
          Math.max(0, Math.hypot(lean, depthLean) - 0.1) * 2.2 -
          Math.max(0, bareRim - 0.34) * 1.8 -
          Math.max(0, colours.apart - coloursMayDiffer(reading)) * 6 -
          Math.min(MOST_FOR_EDGES, Math.max(0, Math.abs(edges) - EDGES_MAY_LEAN) * 2),
        0,
        1,
      ),
      facts: { lean, bareRim, colourLean: colours.apart, edgeLean: edges },
      culprits: [],
    };
  },
};

/** OKLab distance of the two sides' mean colours that nobody minds, seen from one side and from all. Ours. */
const COLOURS_MAY_DIFFER = { 'one side': 0.06, round: 0.13 } as const;

/** How far apart the sides may be here: where like may stand by like, as far as they will. */
function coloursMayDiffer({ school, spot }: Reading): number {
  if (school.likeMayTouch) return Infinity;
  return COLOURS_MAY_DIFFER[spot.view === 'one side' ? 'one side' : 'round'];
}

/** How far the middle of the rim's plants may be off. Ours. */
const EDGES_MAY_LEAN = 0.12;
/** The most that a rim which leans takes off. Ours. */
const MOST_FOR_EDGES = 0.5;

/** Share of the half width within which a plant stands at the rim. Ours. */
const AT_RIM = 0.38;

/**
 * Where the middle of what dresses the rim lies, left to right: of the edge plants, or where there is one alone, of all that stand
 * at the rim. 0 where fewer than two do.
 */
function edgeLean(reading: Reading): number {
  const { shape } = reading.planting.container;
  const rim = rimSection(shape);
  const { acrossCm, deepCm } = reachOf(rim);
  const edges = rolesPlayed(reading).flatMap(({ role, plant }) => (role === 'edge' ? [plant] : []));
  const dressing =
    edges.length >= 2
      ? edges
      : reading.plants.filter(
          ({ xCm, zCm }) => insetCm(rim, xCm, zCm) < AT_RIM * Math.min(acrossCm, deepCm),
        );
  return dressing.length < 2
    ? 0
    : dressing.reduce((sum, { xCm }) => sum + xCm, 0) / dressing.length / halfFrontCm(shape);
}

/** The mean colour of all that is seen left of the middle against that on the right. A lone plant in the middle counts on both sides. */
function colourLean(reading: Reading): { readonly apart: number } {
  const half = halfFrontCm(reading.planting.container.shape);
  const sides: { weight: number; l: number; a: number; b: number }[] = [
    { weight: 0, l: 0, a: 0, b: 0 },
    { weight: 0, l: 0, a: 0, b: 0 },
  ];
  const [left, right] = sides as [(typeof sides)[number], (typeof sides)[number]];
  for (const { plant, size } of reading.grownRows()) {
    const mass = (size.heightCm + size.trailCm * 0.6) * size.spreadCm;
    const [L, C, h] = leadingColour(plant.kind);
    const rad = h * RAD_PER_DEG;
    const onRight = clamp(0.5 + plant.xCm / half / 0.5, 0, 1);
    for (const [side, share] of [
      [left, 1 - onRight],
      [right, onRight],
    ] as const) {
      side.weight += mass * share;
      side.l += L * mass * share;
      side.a += C * Math.cos(rad) * mass * share;
      side.b += C * Math.sin(rad) * mass * share;
    }
  }
  if (left.weight === 0 || right.weight === 0) return { apart: 0 };
  const gap = (part: 'l' | 'a' | 'b') => left[part] / left.weight - right[part] / right.weight;
  return { apart: Math.hypot(gap('l'), gap('a'), gap('b')) };
}

function bareStretch(reading: Reading, all: boolean): number {
  const { container } = reading.planting;
  const rim = rimSection(container.shape);
  // In a dish of mats and rosettes there is gravel up to the rim, and it is meant.
  const rows = reading.grownRows().map(({ plant, size }) => ({
    plant,
    reachCm: size.spreadCm / 2 + RIM_REACH_CM + gravelCm(container, plant.size, plant.kind),
  }));
  const steps = 48;
  const dressed: boolean[] = [];
  for (let i = 0; i < steps; i += 1) {
    const [x, z] = rimPoint(rim, (i + 0.5) / steps, all);
    dressed.push(
      rows.some(({ plant, reachCm }) => Math.hypot(plant.xCm - x, plant.zCm - z) <= reachCm),
    );
  }
  let longest = 0;
  let run = 0;
  for (let i = 0; i < steps * (all ? 2 : 1); i += 1) {
    run = dressed[i % steps] ? 0 : run + 1;
    longest = Math.max(longest, Math.min(run, steps));
  }
  return longest / steps;
}

/** A point of the rim in view. Round: angles over all of it or its front half. Boxes: along the front edge. Others: along the outline, or the front of it. */
function rimPoint(rim: Section, t: number, all: boolean): readonly [number, number] {
  if (rim.kind === 'rect' && !all) return [(-1 + 2 * t) * rim.halfLengthCm, rim.halfWidthCm];
  if (rim.kind === 'disc') {
    const angle = all ? t * 2 * Math.PI : -Math.PI / 2 + t * Math.PI;
    return [Math.sin(angle) * rim.radiusCm, Math.cos(angle) * rim.radiusCm];
  }
  const points = outlineOf(rim);
  if (all) return points[Math.floor(t * points.length)]!;
  const { acrossCm, deepCm } = reachOf(rim);
  const x = (-1 + 2 * t) * acrossCm * 0.96;
  let [low, high] = [-deepCm, deepCm];
  for (let i = 0; i < 24 && insetCm(rim, x, low) < 0; i += 1) low += deepCm / 12;
  for (let i = 0; i < 20; i += 1) {
    const z = (low + high) / 2;
    if (insetCm(rim, x, z) >= 0) low = z;
    else high = z;
  }
  return [x, low];
}
