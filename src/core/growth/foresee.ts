import { overlapCm2 } from '../geometry/discs';
import { middle, type PlantKind } from '../plants/kind';
import { FULL_LEAF_LAYERS } from '../plants/leaves';
import type { NurserySizeId } from '../plants/nursery';
import { depthWantedCm } from '../plants/rooting';
import { clamp, CM3_PER_L, smoothstep, weekAfter } from '../units/units';
import { growsCool, lightFactor, warmthFactor, type Conditions } from './conditions';
import { goesOver, noteLeaf, rests, shootsFaster, type Wintering } from './winter';
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
  /** How far below the mix it comes out of the side, cm; left out: it stands in the mix. */
  readonly belowCm?: number;
  /** Share of its full size that it has already, where it stood before this planting; left out: as it leaves the nursery. */
  readonly grown?: number;
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

/** How heights and spreads go with the share of full size. */
const BY_HEIGHT = 0.85;
const BY_SPREAD = 0.9;

/** One plant on its way: what it brings that no week changes, and how far it has come. */
interface Growing extends Wintering {
  readonly kind: PlantKind;
  readonly xCm: number;
  readonly zCm: number;
  readonly belowCm: number;
  readonly rate: number;
  /** The share of full size that its root room and the knife let it reach. */
  most: number;
  readonly heightCm: number;
  readonly spreadCm: number;
  readonly trailCm: number;
  /** Weeks in which it still stands still, and in which it still flowers less, after a trim. */
  still: number;
  flowerless: number;
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
  const growing = startOf(plants, conditions.mixL);
  const found: (readonly Size[])[] = [];
  const calendarOf = (week: number) =>
    conditions.seasonless ? plantedWeek : weekAfter(plantedWeek, week);
  return {
    at: (weeks) => {
      for (let week = found.length; week <= weeks; week += 1) {
        if (week > 0) {
          grow(
            growing,
            found[week - 1]!,
            { week: week - 1, calendar: calendarOf(week) },
            conditions,
          );
          trim(growing, week, conditions);
        }
        found.push(measure(growing, week, calendarOf(week), conditions));
      }
      return found[weeks]!;
    },
  };
}

/** Plants as they leave the nursery, with the share of the mix each has. */
function startOf(plants: readonly Grower[], mixL: number): readonly Growing[] {
  const areaOf = ({ kind }: Grower) => Math.PI * (middle(kind.spreadCm) / 2) ** 2;
  const allArea = plants.reduce((sum, plant) => sum + areaOf(plant), 0);
  return plants.map((plant): Growing => {
    const { kind, size, xCm, zCm, belowCm = 0, grown = 0 } = plant;
    const area = areaOf(plant);
    const needL = (area * depthWantedCm(kind) * ROOT_NEED) / CM3_PER_L;
    const haveL = (mixL * area) / allArea;
    const start = Math.max(startShare(kind, size), grown);
    return {
      kind,
      xCm,
      zCm,
      belowCm,
      rate: rateOf(kind, size),
      // What has no room grows less from now on; it is not smaller for it on planting day.
      most: Math.max(
        start,
        (haveL >= needL ? 1 : Math.max(LEAST_ROOT_SHARE, (haveL / needL) ** ROOT_POWER)) **
          (1 / BY_SPREAD),
      ),
      heightCm: middle(kind.heightCm),
      spreadCm: middle(kind.spreadCm),
      trailCm: kind.trailCm ? middle(kind.trailCm) : 0,
      share: start,
      crown: 0,
      isGone: false,
      hasStood: false,
      still: 0,
      flowerless: 0,
    };
  });
}

/** How large each is in a week. @param calendar the week of the year */
function measure(
  growing: readonly Growing[],
  week: number,
  calendar: number,
  { sunHours, hungryFromWeek }: Conditions,
): readonly Size[] {
  const standing = growing.map((plant): Standing => ({
    plant,
    heightCm: plant.heightCm * plant.share ** BY_HEIGHT,
    spreadCm: plant.spreadCm * plant.share ** BY_SPREAD,
  }));
  const isHungry = hungryFromWeek !== null && week > hungryFromWeek;
  return standing.map((one): Size => {
    const { kind, share, trailCm, flowerless } = one.plant;
    const shaded = shadeOn(one, standing);
    const light = lightFactor(kind, { sunHours: sunHours * (1 - shaded) });
    const grown = smoothstep(0.25, 0.6, share);
    const hungry = isHungry ? HUNGRY[kind.feed] : 1;
    const cut = flowerless > 0 ? 1 - flowerless / (FLOWERLESS_WEEKS + 1) : 1;
    return {
      share,
      heightCm: one.heightCm * (1 + SHADE_STRETCHES * shaded),
      spreadCm: one.spreadCm,
      trailCm: trailCm * share ** 1.6,
      bloom: kind.bloom
        ? seasonShare(kind.bloom.weeks, calendar) * grown * flowersIn(light) * hungry * cut
        : 0,
      fruit: kind.fruit ? seasonShare(kind.fruit.weeks, calendar) * grown * cut : 0,
      shaded,
    };
  });
}

/** Light factor at which a kind has no sun at all, and flowers no more. */
const FLOWERLESS_LIGHT = 0.35;

/** Share of its flowers that a kind has by its light: leaves do with less than flowers. Ours. */
const flowersIn = (light: number): number =>
  Math.sqrt(clamp((light - FLOWERLESS_LIGHT) / (1 - FLOWERLESS_LIGHT), 0, 1));

/**
 * One week of growth.
 * @param sizes as they were at its start
 * @param calendar the week of the book's year that it leads into
 */
function grow(
  growing: readonly Growing[],
  sizes: readonly Size[],
  { week, calendar }: { readonly week: number; readonly calendar: number },
  { sunHours, warmthC, coldC, hungryFromWeek, seasonless, yearFromWeek }: Conditions,
): void {
  const feelsYear = !seasonless && week >= yearFromWeek;
  const meanC = warmthC[week % warmthC.length]!;
  const [cool, warm] = [warmthFactor(COOL_KIND, meanC), warmthFactor(WARM_KIND, meanC)];
  const isHungry = hungryFromWeek !== null && week >= hungryFromWeek;
  growing.forEach((plant, i) => {
    const { kind } = plant;
    const { shaded } = sizes[i]!;
    if (!seasonless) noteLeaf(plant, calendar);
    if (
      feelsYear &&
      (goesOver(plant, calendar, coldC[week % coldC.length]!) || rests(plant, calendar))
    )
      return;
    if (plant.flowerless > 0) plant.flowerless -= 1;
    if (plant.still > 0) {
      plant.still -= 1;
      return;
    }
    const pace =
      (growsCool(kind) ? cool : warm) *
      lightFactor(kind, { sunHours: sunHours * (1 - shaded) }) *
      (1 - SHADE_SLOWS * shaded) *
      (isHungry ? HUNGRY[kind.feed] : 1) *
      shootsFaster(plant);
    const most = plant.most * (1 - SHADE_SHRINKS * shaded);
    // What is grown already is not lost to shade.
    plant.share = Math.max(
      plant.share,
      logisticStep(Math.min(plant.share, most * 0.999), most, plant.rate * pace),
    );
  });
}

/** The knife at the end of a week. */
function trim(growing: readonly Growing[], week: number, { trims }: Conditions): void {
  for (const { plant: at, weeks, cut } of trims) {
    const plant = growing[at];
    if (weeks !== week || !plant) continue;
    plant.share *= 1 - clamp(cut, 0, 0.9);
    plant.most *= TRIMMED_HEIGHT;
    plant.still = STILL_WEEKS;
    plant.flowerless = FLOWERLESS_WEEKS;
  }
}

/** A plant with the size it would have without neighbours, cm. */
interface Standing {
  readonly plant: Growing;
  readonly heightCm: number;
  readonly spreadCm: number;
}

const discOf = ({ plant: { xCm, zCm }, spreadCm }: Standing) => ({
  xCm,
  zCm,
  radiusCm: spreadCm / 2,
});

/** Share of one plant's light that its taller neighbours take: what of it they cover, how dense they are, how far they stand above it. */
function shadeOn(one: Standing, all: readonly Standing[]): number {
  const own = discOf(one);
  const area = Math.PI * own.radiusCm ** 2;
  let shade = 0;
  for (const other of all) {
    const above = aboveOf(other, one);
    if (other === one || above <= 0) continue;
    const disc = discOf(other);
    const [dx, dz, reach] = [disc.xCm - own.xCm, disc.zCm - own.zCm, own.radiusCm + disc.radiusCm];
    if (dx * dx + dz * dz >= reach * reach) continue;
    const { share, kind } = other.plant;
    shade +=
      (overlapCm2(own, disc) / area) *
      (1 - Math.exp(-EXTINCTION * FULL_LEAF_LAYERS * share * leafiness(kind))) *
      Math.min(1, above / SHADING_FROM);
  }
  const isOutside = one.plant.kind.trailCm !== null || one.plant.belowCm > 0;
  return Math.min(MOST_SHADE, isOutside ? shade * TRAILS_IN_LIGHT : shade);
}

/** How far one stands above another, as a share of the other's height; what comes out of the side starts lower. */
function aboveOf(other: Standing, one: Standing): number {
  const top = other.heightCm - other.plant.belowCm + one.plant.belowCm;
  return top / one.heightCm - 1;
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
