import { rolesPlayed } from '../checks/rolesPlayed';
import type { Reading } from '../checks/reading';
import { fillable, mixFloorCm, mixHeightCm, mixL, type Container } from '../containers/container';
import { isHung } from '../containers/shape';
import { lifting, weightOf } from '../containers/weight';
import { fillingOf } from '../potting/filling';
import type { House } from '../plantings/house';
import {
  seasonWeeks,
  stays,
  type PlacedPlant,
  type PlaceId,
  type Planting,
} from '../plantings/planting';
import type { KindId } from '../plants/kind';
import { NURSERY_SIZES } from '../plants/nursery';
import type { Support } from '../plantings/support';
import { footOf, needsOf, PELLET_WEEKS, type FeedLine } from './needs';
import { plantingOrder, type WorkedFrom } from './order';

/** What to mind, told once, at the step where it matters. */
export type StepCaution =
  | { readonly mind: 'mix dust' | 'feed' | 'blades' | 'eating' | 'ladder' }
  | { readonly mind: 'gloves' | 'poison'; readonly kinds: readonly KindId[] }
  | { readonly mind: 'lift'; readonly by: 'two' | 'trolley' }
  | { readonly mind: 'load'; readonly kg: number };

/** How one plant is set in. */
export interface SettingIn {
  readonly placeId: PlaceId;
  readonly kindId: KindId;
  /** Which of its kind it is, from 1, and of how many. */
  readonly nth: number;
  readonly ofKind: number;
  /** Bottom of its ball above the inside base, cm: mix is brought to here under it. */
  readonly ballFloorCm: number;
  /** How much deeper than level with its ball it is set, cm. */
  readonly deeperCm: number;
  readonly roots: 'leave' | 'loosen if circling' | 'loosen';
  /** Leans and faces so; `null`: upright, as it comes. */
  readonly lean: 'as planned' | 'outward' | null;
  readonly isPinched: boolean;
  /** Through which side hole it goes; `null`: in from above. */
  readonly through: { readonly row: number; readonly heightCm: number } | null;
}

export type StepWhat =
  | { readonly do: 'soak'; readonly balls: number }
  | {
      readonly do: 'foot';
      readonly over: Container['foot'] | 'liner';
      readonly holes: number;
      readonly litres: number;
    }
  | { readonly do: 'feed'; readonly what: FeedLine['what']; readonly amount: number }
  | {
      readonly do: 'fill';
      /** Under what: the balls that go in from above, or a row of side holes, from 0. */
      readonly under: 'balls' | number;
      /** Above the inside base, and below the rim, cm. */
      readonly toCm: number;
      readonly belowRimCm: number;
      readonly litres: number;
    }
  | { readonly do: 'dry run' }
  | { readonly do: 'plant'; readonly plant: SettingIn; readonly index: number; readonly of: number }
  | { readonly do: 'support'; readonly support: Support }
  | { readonly do: 'sow'; readonly kinds: readonly KindId[] }
  | { readonly do: 'top up'; readonly headspaceCm: number; readonly dressingL: number }
  | { readonly do: 'water in'; readonly litres: number }
  | { readonly do: 'look again' }
  | { readonly do: 'label' }
  | { readonly do: 'put out'; readonly kg: number };

/** One step of potting day. */
export interface MakingStep {
  /** The same for the same step, whatever is changed before it: what was done is found again by it. */
  readonly key: string;
  readonly what: StepWhat;
  /** About how long it takes, minutes. */
  readonly minutes: number;
  readonly cautions: readonly StepCaution[];
}

/** Minutes: from doing it. Ours. */
const MINUTES = {
  soak: 4,
  foot: 2,
  feed: 1,
  perL: 0.08,
  'dry run': 4,
  plant: 1.5,
  support: 3,
  'top up': 3,
  'water in': 3,
  'look again': 2,
  label: 2,
  'put out': 4,
  side: 2,
  sow: 2,
} as const;

/** Genera whose stems root when they stand deeper; a share of the ball's height. Usual practice. */
const STEM_ROOTERS = ['Tagetes', 'Brassica'];
const DEEPER_SHARE = 0.3;
const isTomato = (botanical: string) => botanical.startsWith('Solanum lycopersicum');
/** Bulbs stand under this many times their own height of mix: the usual rule. */
const BULB_DEPTHS = 2;

/** Heights above the inside base, cm: of the mix that is filled first, so that the tallest ball ends level with it, and of the mix in the end. */
export function levelsOf({ planting, plants }: Pick<Reading, 'planting' | 'plants'>): {
  readonly fillCm: number;
  readonly mixCm: number;
  readonly belowRimCm: number;
} {
  const { container } = planting;
  const filling = fillingOf(
    container,
    plants.map(({ size }) => size),
    false,
  );
  const mixCm = mixHeightCm(container);
  return {
    fillCm: filling.preFillCm ?? mixCm,
    mixCm,
    belowRimCm: filling.belowRimCm ?? container.headspaceCm,
  };
}

/** Everything there is to do to make a planting, in order. */
export function stepsOf(reading: Reading, house: House): readonly MakingStep[] {
  const { planting, plants, sides, spot } = reading;
  // What stays is in already, and so is the mix it stands in.
  const all = reading.all.filter((plant) => !stays(reading, plant));
  const hasStaying = all.length < reading.all.length;
  const { container } = planting;
  const told = new Set<string>();
  /** A caution that was given already is not given again. */
  const once = (...cautions: readonly (StepCaution | null)[]): readonly StepCaution[] =>
    cautions.filter((caution): caution is StepCaution => {
      const key = JSON.stringify(caution);
      if (!caution || told.has(key)) return false;
      told.add(key);
      return true;
    });
  const step = (
    key: string,
    what: StepWhat,
    minutes: number,
    cautions: readonly StepCaution[] = [],
  ): MakingStep => ({ key, what, minutes, cautions });
  const { fillCm, belowRimCm } = levelsOf(reading);
  const filling = fillingOf(
    container,
    plants.map(({ size }) => size),
    false,
    sides.map(({ size }) => size),
  );
  const feeds = needsOf([reading], {
    house,
    owned: () => 0,
    isReused: () => false,
  }).feeds.filter(({ what }) => what !== 'liquid');
  const setting = settingsIn(reading, house).filter(
    ({ placeId }) => !stays(reading, { id: placeId }),
  );
  // Bulbs and deep-set stems stand lower than the tallest ball: mix comes to the lowest of them first.
  const lowestCm = Math.min(fillCm, ...setting.map(({ ballFloorCm }) => ballFloorCm));
  const firstL =
    lowestCm < fillCm
      ? litresBetween(container, mixFloorCm(container), lowestCm)
      : filling.preFillL;
  const kg = weightOf(container, 0.3).wateredKg;
  const belowRim = (heightCm: number) => belowRimCm + fillCm - heightCm;
  const plantStep = (plant: SettingIn, index: number) =>
    step(
      `plant ${plant.placeId}`,
      { do: 'plant', plant, index, of: all.length },
      plant.through ? MINUTES.side : MINUTES.plant,
      once(
        ...plantCautions(
          all.find(({ id }) => id === plant.placeId)!,
          plant,
        ),
      ),
    );
  const rows = sideRows(reading, house);
  const fillStep = (key: string, under: 'balls' | number, toCm: number, litres: number) =>
    step(
      key,
      { do: 'fill', under, toCm, belowRimCm: belowRim(toCm), litres },
      1 + litres * MINUTES.perL,
      once({ mind: 'mix dust' }),
    );
  let [upToCm, inSoFar] = [mixFloorCm(container), 0];
  const rowSteps = (from: 'below' | 'above') =>
    rows
      .filter(({ levelCm }) => (from === 'below' ? levelCm <= lowestCm : levelCm > lowestCm))
      .flatMap(({ row, levelCm, settings }) => {
        const litres = litresBetween(container, upToCm, levelCm);
        upToCm = Math.max(upToCm, levelCm);
        return [
          fillStep(`fill row ${row}`, row, levelCm, litres),
          ...settings.map((plant) => plantStep(plant, (inSoFar += 1))),
        ];
      });
  const below = rowSteps('below');
  // What stands under the first row is filled already.
  const restL = below.length > 0 ? litresBetween(container, upToCm, lowestCm) : firstL;
  upToCm = Math.max(upToCm, lowestCm);
  const above = rowSteps('above');
  return [
    ...(all.length > 0 ? [step('soak', { do: 'soak', balls: all.length }, MINUTES.soak)] : []),
    ...(hasStaying
      ? []
      : [
          step(
            'foot',
            {
              do: 'foot',
              ...footOf(container, house),
              holes: container.drainHoles,
            },
            MINUTES.foot,
          ),
        ]),
    ...feeds.map((feed) =>
      step(
        `feed ${feed.what}`,
        { do: 'feed', what: feed.what, amount: perFilling(feed, planting) },
        MINUTES.feed,
        once({ mind: 'feed' }),
      ),
    ),
    ...below,
    ...(hasStaying ? [] : [fillStep('fill', 'balls', lowestCm, restL)]),
    ...above,
    ...(plants.length > 1 ? [step('dry run', { do: 'dry run' }, MINUTES['dry run'])] : []),
    ...setting.map((plant) => plantStep(plant, (inSoFar += 1))),
    ...(planting.support
      ? [step('support', { do: 'support', support: planting.support }, MINUTES.support)]
      : []),
    step(
      'top up',
      { do: 'top up', headspaceCm: container.headspaceCm, dressingL: filling.dressingL },
      MINUTES['top up'],
    ),
    ...(planting.rimSeeds && planting.rimSeeds.length > 0
      ? [step('sow', { do: 'sow', kinds: planting.rimSeeds }, MINUTES.sow)]
      : []),
    step(
      'water in',
      { do: 'water in', litres: Math.max(0.5, mixL(container) * WATER_IN_SHARE) },
      MINUTES['water in'],
    ),
    step('look again', { do: 'look again' }, MINUTES['look again']),
    step(
      'label',
      { do: 'label' },
      MINUTES.label,
      once(all.some(({ kind }) => kind.edible) ? { mind: 'eating' } : null),
    ),
    step(
      'put out',
      { do: 'put out', kg },
      MINUTES['put out'],
      once(
        lifting(kg) === 'one' ? null : { mind: 'lift', by: lifting(kg) as 'two' | 'trolley' },
        isHung(container.shape) || spot.dropCm >= OVERHEAD_CM ? { mind: 'ladder' } : null,
        isHung(container.shape) || spot.exposure === 'sill'
          ? { mind: 'load', kg: weightOf(container, 0.3).soakedKg }
          : null,
      ),
    ),
  ];
}

function litresBetween(container: Container, low: number, high: number): number {
  const form = fillable(container);
  return Math.max(0, form.volumeBelowL(high) - form.volumeBelowL(low));
}

/** A dry mix takes about this share of its volume until it runs out below. Ours. */
const WATER_IN_SHARE = 0.25;
/** Height from which a ladder is wanted, cm. As the check that minds it has it. */
const OVERHEAD_CM = 150;

/** Pellets are told for a season; what goes in at planting is the first month's. */
function perFilling(
  { what, amount }: FeedLine,
  planting: Pick<Planting, 'plantedWeek' | 'endWeek'>,
): number {
  if (what !== 'pellets') return amount;
  return amount / Math.max(1, Math.ceil(seasonWeeks(planting) / PELLET_WEEKS));
}

/** The order in which a planting's plants go in. */
export function plantingOrderOf(reading: Reading): readonly PlaceId[] {
  const { spot, planting } = reading;
  const from: WorkedFrom =
    spot.view === 'one side' && !isHung(planting.container.shape) ? 'the front' : 'all round';
  return plantingOrder(rolesPlayed(reading), from);
}

function settingsIn(reading: Reading, house: House): readonly SettingIn[] {
  const { plants, planting } = reading;
  const playing = rolesPlayed(reading);
  const order = plantingOrderOf(reading);
  const roleOf = new Map(playing.map(({ plant, role }) => [plant.id, role]));
  const byId = new Map(plants.map((plant) => [plant.id, plant]));
  const counted = new Map<KindId, number>();
  const many = (kindId: KindId) => plants.filter((plant) => plant.kindId === kindId).length;
  const mixCm = mixHeightCm(planting.container);
  const floorCm = mixFloorCm(planting.container);
  return order.map((id): SettingIn => {
    const plant = byId.get(id)!;
    const nth = (counted.get(plant.kindId) ?? 0) + 1;
    counted.set(plant.kindId, nth);
    const deeperCm = deeperOf(plant);
    const ballFloorCm = Math.max(floorCm, mixCm - NURSERY_SIZES[plant.size].heightCm - deeperCm);
    return {
      placeId: id,
      kindId: plant.kindId,
      nth,
      ofKind: many(plant.kindId),
      ballFloorCm,
      deeperCm,
      roots: rootsFor(plant, house),
      lean:
        plant.lean && plant.lean.tiltDeg >= 1
          ? 'as planned'
          : roleOf.get(id) === 'edge' && plant.kind.trailCm
            ? 'outward'
            : null,
      isPinched: isPinched(plant, house),
      through: null,
    };
  });
}

/** Rows of side holes that are planted, the lowest first: to which level mix comes before each, and its plants as they go round. */
function sideRows(
  { sides, planting: { container } }: Reading,
  house: House,
): readonly {
  readonly row: number;
  readonly levelCm: number;
  readonly settings: readonly SettingIn[];
}[] {
  const floorCm = mixFloorCm(container);
  const rows = [...new Set(sides.map(({ row }) => row))];
  return rows.map((row) => {
    const inRow = sides.filter((side) => side.row === row);
    const settings = inRow.map((side, i): SettingIn => {
      const alike = inRow.filter(({ kindId }) => kindId === side.kindId);
      return {
        placeId: side.id,
        kindId: side.kindId,
        nth: inRow.slice(0, i + 1).filter(({ kindId }) => kindId === side.kindId).length,
        ofKind: alike.length,
        ballFloorCm: Math.max(floorCm, side.heightCm - NURSERY_SIZES[side.size].topCm / 2),
        deeperCm: 0,
        roots: rootsFor(side, house),
        lean: null,
        isPinched: isPinched(side, house),
        through: { row, heightCm: side.heightCm },
      };
    });
    return { row, levelCm: Math.min(...settings.map(({ ballFloorCm }) => ballFloorCm)), settings };
  });
}

function deeperOf({ kind, size }: PlacedPlant): number {
  const { heightCm } = NURSERY_SIZES[size];
  if (size === 'bulb') return BULB_DEPTHS * heightCm;
  const roots =
    isTomato(kind.botanical) ||
    STEM_ROOTERS.some((genus) => kind.botanical.startsWith(`${genus} `));
  return roots ? DEEPER_SHARE * heightCm : 0;
}

function rootsFor({ size }: Pick<PlacedPlant, 'size'>, { roots }: House): SettingIn['roots'] {
  if (size === 'bulb' || size === 'seed' || size === 'bare-root' || size === 'cutting')
    return 'leave';
  if (roots === 'leave alone') return 'leave';
  return roots === 'always loosen' ? 'loosen' : 'loosen if circling';
}

/** Tips are taken at planting where the kind branches for it, unless the house lets it trail. */
function isPinched({ kind }: Pick<PlacedPlant, 'kind'>, { pinch }: House): boolean {
  if (!kind.bloom?.pinch) return false;
  if (pinch === 'often') return true;
  return pinch === 'by plant' && kind.trailCm === null;
}

function plantCautions(
  { kind }: PlacedPlant,
  { isPinched: pinched }: SettingIn,
): readonly (StepCaution | null)[] {
  const { people, cats, dogs } = kind.toxicity;
  return [
    kind.irritant.skin === 'no' ? null : { mind: 'gloves', kinds: [kind.id] },
    [people, cats, dogs].some((harm) => harm === 'poisonous' || harm === 'unsure')
      ? { mind: 'poison', kinds: [kind.id] }
      : null,
    pinched ? { mind: 'blades' } : null,
  ];
}
