import { overlapCm2 } from '../geometry/discs';
import { middle, type PlantKind } from '../plants/kind';
import { FULL_LEAF_LAYERS } from '../plants/leaves';
import type { NurserySizeId } from '../plants/nursery';
import { depthWantedCm } from '../plants/rooting';
import { clamp, CM3_PER_L, smoothstep, weekAfter } from '../units/units';
import { growsCool, lightFactor, warmthFactor, type Conditions } from './conditions';
import { logisticStep, rateOf, seasonShare, startShare } from './growth';

/** How big one plant is, some weeks after planting. */
export interface Size {
  /** Share of full size, about .1 to 1. */
  readonly share: number;
  readonly heightCm: number;
  readonly spreadCm: number;
  /** Length of trailing stems past the rim; 0 for plants that do not trail. */
  readonly trailCm: number;
  /** Share of its best flowering, 0–1. */
  readonly bloom: number;
  /** Share of its best fruiting, 0–1. */
  readonly fruit: number;
  /** Share of its light that its neighbours take, 0–1. */
  readonly shaded: number;
}

/** One plant that is to grow: what, from what, where. */
export interface Grower {
  readonly kind: PlantKind;
  readonly size: NurserySizeId;
  readonly xCm: number;
  readonly zCm: number;
}

/** Plants of one container growing together, week by week from planting. Weeks are worked out when they are first asked for. */
export interface Season {
  /** @param weeks whole weeks since planting, from 0 */
  readonly at: (weeks: number) => readonly Size[];
}

/** How a layer of leaves thins light (models: 1−e^(−.6·LAI)). */
const EXTINCTION = 0.6;
/** Height advantage over which shading comes in fully (models: 0–30 %). */
const SHADING_FROM = 0.3;
/** No neighbour takes all the light: some comes from the side. Ours. */
const MOST_SHADE = 0.9;
/** About half of a trailing plant hangs outside, in the light. Ours. */
const TRAILS_IN_LIGHT = 0.55;
/** What shade costs: diffuse light besides direct hours, final size, and how far it draws a plant up (models: +10–30 %). */
const SHADE_SLOWS = 0.3;
const SHADE_SHRINKS = 0.3;
const SHADE_STRETCHES = 0.15;
/** Biomass goes with root room to the .516, lengths to a third of that (Poorter et al. 2012); nothing is kept smaller than this share. */
const ROOT_POWER = 0.172;
const LEAST_ROOT_SHARE = 0.6;
/** Share of the soil under its spread, to the depth it wants, that a plant needs to itself to grow as its record tells. Ours, so that usual counts in usual pots come out near 1. */
const ROOT_NEED = 0.2;
/** Growth and flowering once there is no food, by hunger. Ours. */
const HUNGRY: Readonly<Record<PlantKind['feed'], number>> = {
  none: 1,
  light: 0.9,
  medium: 0.7,
  heavy: 0.5,
};
/** A trimmed plant stands still for a week, flowers again after three, and ends a little lower (models: 5–10 d, 2–4 weeks, K × .8–.9). */
const STILL_WEEKS = 1;
const FLOWERLESS_WEEKS = 3;
const TRIMMED_HEIGHT = 0.87;

/** Two that stand for all in how they answer to warmth. */
const COOL_KIND = { lowestC: -20 };
const WARM_KIND = { lowestC: 0 };

/** What each plant brings that no week changes. */
interface Constant {
  readonly rate: number;
  readonly rootShare: number;
  readonly heightCm: number;
  readonly spreadCm: number;
  readonly trailCm: number;
}

/**
 * Grows plants together: logistic steps week by week, slowed by cold, short light, hunger and neighbours' shade, held by root room,
 * set back by the knife.
 * @param plantedWeek week of the book's (northern) year
 */
export function foresee(
  plants: readonly Grower[],
  conditions: Conditions,
  plantedWeek: number,
): Season {
  const { sunHours, warmthC, mixL, hungryFromWeek, trims } = conditions;
  const areas = plants.map(({ kind }) => Math.PI * (middle(kind.spreadCm) / 2) ** 2);
  const allArea = areas.reduce((sum, area) => sum + area, 0);
  const constants = plants.map(({ kind, size }, i): Constant => {
    const needL = (areas[i]! * depthWantedCm(kind) * ROOT_NEED) / CM3_PER_L;
    const haveL = (mixL * areas[i]!) / allArea;
    return {
      rate: rateOf(kind, size),
      rootShare: haveL >= needL ? 1 : Math.max(LEAST_ROOT_SHARE, (haveL / needL) ** ROOT_POWER),
      heightCm: middle(kind.heightCm),
      spreadCm: middle(kind.spreadCm),
      trailCm: kind.trailCm ? middle(kind.trailCm) : 0,
    };
  });
  const share = plants.map(({ kind, size }) => startShare(kind, size));
  const low = plants.map(() => 1);
  const still = plants.map(() => 0);
  const flowerless = plants.map(() => 0);
  const found: (readonly Size[])[] = [];

  const measure = (week: number): readonly Size[] => {
    const plain = plants.map((_, i) => {
      const { heightCm, spreadCm, rootShare } = constants[i]!;
      return {
        heightCm: heightCm * share[i]! ** 0.85 * rootShare * low[i]!,
        spreadCm: spreadCm * share[i]! ** 0.9 * rootShare,
      };
    });
    const calendar = weekAfter(plantedWeek, week);
    return plants.map((plant, i): Size => {
      const { kind } = plant;
      const shaded = shadeOn(i, plants, plain, share);
      const light = lightFactor(kind, { sunHours: sunHours * (1 - shaded) });
      const grown = smoothstep(0.25, 0.6, share[i]!);
      const hungry = hungryFromWeek !== null && week > hungryFromWeek ? HUNGRY[kind.feed] : 1;
      const cut = flowerless[i]! > 0 ? 1 - flowerless[i]! / (FLOWERLESS_WEEKS + 1) : 1;
      return {
        share: share[i]!,
        heightCm: plain[i]!.heightCm * (1 + SHADE_STRETCHES * shaded),
        spreadCm: plain[i]!.spreadCm,
        trailCm: constants[i]!.trailCm * share[i]! ** 1.6 * constants[i]!.rootShare,
        bloom: kind.bloom
          ? seasonShare(kind.bloom.weeks, calendar) * grown * (0.5 + 0.5 * light) * hungry * cut
          : 0,
        fruit: kind.fruit ? seasonShare(kind.fruit.weeks, calendar) * grown * cut : 0,
        shaded,
      };
    });
  };

  const grow = (week: number, sizes: readonly Size[]): void => {
    const meanC = warmthC[week % warmthC.length]!;
    const [cool, warm] = [warmthFactor(COOL_KIND, meanC), warmthFactor(WARM_KIND, meanC)];
    plants.forEach(({ kind }, i) => {
      const { shaded } = sizes[i]!;
      if (flowerless[i]! > 0) flowerless[i]! -= 1;
      if (still[i]! > 0) {
        still[i]! -= 1;
        return;
      }
      const food = hungryFromWeek !== null && week >= hungryFromWeek ? HUNGRY[kind.feed] : 1;
      const pace =
        (growsCool(kind) ? cool : warm) *
        lightFactor(kind, { sunHours: sunHours * (1 - shaded) }) *
        (1 - SHADE_SLOWS * shaded) *
        food;
      const most = 1 - SHADE_SHRINKS * shaded;
      // What is grown already is not lost to shade.
      share[i] = Math.max(
        share[i]!,
        logisticStep(Math.min(share[i]!, most * 0.999), most, constants[i]!.rate * pace),
      );
    });
    for (const { plant, weeks, cut } of trims) {
      if (weeks !== week + 1 || !plants[plant]) continue;
      share[plant]! *= 1 - clamp(cut, 0, 0.9);
      low[plant]! *= TRIMMED_HEIGHT;
      still[plant] = STILL_WEEKS;
      flowerless[plant] = FLOWERLESS_WEEKS;
    }
  };

  return {
    at: (weeks) => {
      for (let week = found.length; week <= weeks; week += 1) {
        if (week > 0) grow(week - 1, found[week - 1]!);
        found.push(measure(week));
      }
      return found[weeks]!;
    },
  };
}

/** Share of one plant's light that its taller neighbours take: what of it they cover, how dense they are, how far they stand above it. */
function shadeOn(
  i: number,
  plants: readonly Grower[],
  sizes: readonly { readonly heightCm: number; readonly spreadCm: number }[],
  share: readonly number[],
): number {
  const own = { xCm: plants[i]!.xCm, zCm: plants[i]!.zCm, radiusCm: sizes[i]!.spreadCm / 2 };
  const area = Math.PI * own.radiusCm ** 2;
  let shade = 0;
  for (let j = 0; j < plants.length; j += 1) {
    if (j === i) continue;
    const above = sizes[j]!.heightCm / sizes[i]!.heightCm - 1;
    if (above <= 0) continue;
    const [dx, dz, reach] = [
      plants[j]!.xCm - own.xCm,
      plants[j]!.zCm - own.zCm,
      own.radiusCm + sizes[j]!.spreadCm / 2,
    ];
    if (dx * dx + dz * dz >= reach * reach) continue;
    const overlap = overlapCm2(own, {
      xCm: plants[j]!.xCm,
      zCm: plants[j]!.zCm,
      radiusCm: sizes[j]!.spreadCm / 2,
    });
    shade +=
      (overlap / area) *
      (1 - Math.exp(-EXTINCTION * FULL_LEAF_LAYERS * share[j]! * leafiness(plants[j]!.kind))) *
      Math.min(1, above / SHADING_FROM);
  }
  return Math.min(MOST_SHADE, plants[i]!.kind.trailCm ? shade * TRAILS_IN_LIGHT : shade);
}

/** Grasses, straps and clouds let more light through than leafy mounds. Ours. */
function leafiness({ habit }: PlantKind): number {
  return habit === 'grass' || habit === 'strap' || habit === 'cloud'
    ? 0.45
    : habit === 'climber' || habit === 'truss'
      ? 0.6
      : 1;
}

/** The size of one plant that grows alone. */
export function sizeAlone(
  kind: PlantKind,
  { size, week }: { readonly size: NurserySizeId; readonly week: number },
  weeks: number,
  conditions: Conditions,
): Size {
  return foresee([{ kind, size, xCm: 0, zCm: 0 }], conditions, week).at(weeks)[0]!;
}
