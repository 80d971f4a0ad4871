import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { extentOfPlanting, USUAL_PITCH_RAD } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { hangsFree, type Spot } from '@/core/spots/spot';
import type { Planted } from '@/ui/session/usePlanted';
import type { PictureRequest } from '@/drawing/picturing';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';
import { hoursText, lengthText, type Units } from '@/words/format';
import { placeOf } from './place';
import type { Place } from './places';

/** Weeks after planting that the Yard shows where nothing stands yet: most of what is planted in spring is full then. */
export const YARD_WEEKS = 9;

/** What stands at one spot. */
export interface YardRow {
  readonly spot: Spot;
  readonly its: readonly PlantingInSpot[];
}

export function rowsOf({ spots, its }: Planted): readonly YardRow[] {
  const bySpot = new Map<string, PlantingInSpot[]>();
  for (const it of its) {
    const here = bySpot.get(it.planting.spotId);
    if (here) here.push(it);
    else bySpot.set(it.planting.spotId, [it]);
  }
  return spots
    .map((spot) => ({ spot, its: bySpot.get(spot.id) ?? [] }))
    .filter((row) => row.its.length > 0);
}

/** The ground and the window it is looked at in, px. */
export interface Ground {
  readonly width: number;
  readonly windowHeight: number;
}

/** One container on the ground: the room it has, and its picture within it, px. */
export interface Slot {
  readonly id: string;
  readonly name: string;
  readonly widthPx: number;
  readonly pictureWidthPx: number;
  /** Where what it hangs from meets it, below the top of the strip. */
  readonly topPx: number;
}

/**
 * Containers of one spot side by side on their ground line. A spot with many has several strips, one below the other. Plain data, so
 * that it can be kept between visits.
 */
export interface Strip {
  readonly spotId: string;
  readonly spotName: string;
  readonly facts: string;
  readonly place: Place;
  /** Is it the first of its spot, with the spot's name over it? */
  readonly isFirst: boolean;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Where the strip begins above the ground, cm: what hangs high is drawn without the air below it. */
  readonly fromCm: number;
  readonly slots: readonly Slot[];
}

export type YardPicture = PictureRequest & { readonly holesCm: null };

export interface YardLayout {
  readonly pxPerCm: number;
  /** Strips that stand side by side; those of a line are as high as each other and fill the ground. */
  readonly lines: readonly (readonly Strip[])[];
  readonly pictures: ReadonlyMap<string, YardPicture>;
}

/** Room between strips of a line, px. */
export const GAP_PX = 16;
const BEFORE_PX = SIDE_RULER_PX + 6;
const AFTER_PX = 6;
/** Room between containers, and for the shortest of names, px. */
const BETWEEN_PX = 18;
const NAME_PX = 92;
/** The tallest takes so much of the window: two spots can be seen at once. */
const TALLEST = 0.37;
const SCALES = { least: 0.9, most: 3.4 } as const;
/** Air above the highest leaf, px. */
const AIR_PX = 14;
/** A strip is not drawn out over more than this many times the room it needs: a lone pot is not looked for in a wide field. */
const MOST_STRETCH = 2.4;

/** Largest scale at which the tallest leaves room for another spot in the window, and the widest fits the ground; px a cm. */
export function scaleFor(rows: readonly YardRow[], { width, windowHeight }: Ground): number {
  const tallest = Math.max(
    ...rows.map((row) => {
      const { aboveCm, fromCm } = heightsOf(row);
      return aboveCm - fromCm;
    }),
  );
  const widest = Math.max(...rows.flatMap(({ its }) => its.map(widthCm)));
  const fitting = Math.min(
    (windowHeight * TALLEST) / tallest,
    (width - BEFORE_PX - AFTER_PX) / widest,
  );
  return Math.max(SCALES.least, Math.min(SCALES.most, fitting));
}

/** Lays every container out at its spot, all to one scale, in a week after planting. */
export function layYard(
  rows: readonly YardRow[],
  { weeks, units, ...ground }: Ground & { readonly weeks: number; readonly units: Units },
): YardLayout {
  if (rows.length === 0) return { pxPerCm: 1, lines: [], pictures: new Map() };
  const pxPerCm = scaleFor(rows, ground);
  const parts = rows.flatMap((row) => partsOf(row, pxPerCm, ground.width));
  const pictures = new Map<string, YardPicture>();
  const lines = inLines(parts, ground.width).map((line) => {
    const heightPx = Math.max(...line.map(({ heightPx: height }) => height));
    return stretched(line, ground.width).map(({ part, widthPx }) => {
      const placed = part.its.map((it) => ({
        it,
        ...pictureOf(it, part, { weeks, pxPerCm, heightPx }),
      }));
      for (const { it, picture } of placed) pictures.set(it.planting.id, picture);
      return stripOf(part, placed, { widthPx, heightPx, units });
    });
  });
  return { pxPerCm, lines, pictures };
}

/** As many containers of a spot as fit beside each other. */
interface Part {
  readonly spot: Spot;
  readonly its: readonly PlantingInSpot[];
  readonly isFirst: boolean;
  /** Of a spot that does not fit one strip. */
  readonly isOfMany: boolean;
  readonly needPx: number;
  readonly heightPx: number;
  readonly fromCm: number;
}

function partsOf(row: YardRow, pxPerCm: number, width: number): readonly Part[] {
  const { spot, its } = row;
  const usable = width - BEFORE_PX - AFTER_PX;
  const runs: PlantingInSpot[][] = [];
  let used = Infinity;
  for (const it of its) {
    const need = slotPx(it, pxPerCm);
    if (used + need > usable) {
      runs.push([]);
      used = 0;
    }
    used += need;
    runs.at(-1)!.push(it);
  }
  return runs.map((run, i) => {
    const { aboveCm, fromCm } = heightsOf({ spot, its: run });
    return {
      spot,
      its: run,
      isFirst: i === 0,
      isOfMany: runs.length > 1,
      needPx: BEFORE_PX + AFTER_PX + run.reduce((sum, it) => sum + slotPx(it, pxPerCm), 0),
      heightPx: Math.round((aboveCm - fromCm) * pxPerCm) + AIR_PX,
      fromCm,
    };
  });
}

const slotPx = (it: PlantingInSpot, pxPerCm: number): number =>
  Math.max(NAME_PX, widthCm(it) * pxPerCm + BETWEEN_PX);

function widthCm(it: PlantingInSpot): number {
  const { leftCm, rightCm } = extentOfPlanting(it);
  return leftCm + rightCm;
}

/** Highest leaf of a row above its ground, and where the strip that is drawn of it begins, cm. */
function heightsOf({ spot, its }: YardRow) {
  const extents = its.map(extentOfPlanting);
  return {
    // Height above ground is drawn in full: a basket under a canopy hangs where it hangs.
    aboveCm: Math.max(...extents.map(({ aboveCm }) => spot.dropCm + aboveCm)),
    fromCm: hangsFree(spot)
      ? Math.max(0, spot.dropCm - Math.max(...extents.map((e) => e.belowCm)) - 6)
      : 0,
  };
}

/** Parts in lines, in their order: beside each whatever still fits there, the widest first; those of a large spot each alone at the end. */
function inLines(parts: readonly Part[], width: number): readonly (readonly Part[])[] {
  const lines: Part[][] = [];
  let left = parts.filter(({ isOfMany }) => !isOfMany);
  while (left.length > 0) {
    const [first, ...rest] = left;
    const line = [first!];
    let room = width - first!.needPx;
    for (const part of [...rest].sort((a, b) => b.needPx - a.needPx))
      if (part.needPx + GAP_PX <= room) {
        room -= part.needPx + GAP_PX;
        line.push(part);
      }
    left = rest.filter((part) => !line.includes(part));
    lines.push(line);
  }
  return [...lines, ...parts.filter(({ isOfMany }) => isOfMany).map((part) => [part])];
}

/** Widths at which the parts of a line fill the ground, in proportion to the room they need. */
function stretched(line: readonly Part[], width: number) {
  const need = line.reduce((sum, { needPx }) => sum + needPx, 0);
  const share = Math.min(MOST_STRETCH, (width - GAP_PX * (line.length - 1)) / need);
  return line.map((part) => ({ part, widthPx: Math.floor(part.needPx * share) }));
}

function pictureOf(
  it: PlantingInSpot,
  { spot, fromCm }: Part,
  {
    weeks,
    pxPerCm,
    heightPx,
  }: { readonly weeks: number; readonly pxPerCm: number; readonly heightPx: number },
): { readonly picture: YardPicture; readonly topPx: number } {
  const extent = extentOfPlanting(it);
  const widthPx = Math.round((extent.leftCm + extent.rightCm) * pxPerCm);
  const below = Math.min(extent.belowCm, spot.dropCm - fromCm + 4);
  const originY =
    heightPx -
    Math.max(below, spot.dropCm - fromCm) * pxPerCm -
    (spot.dropCm === 0 ? -extent.belowCm * pxPerCm + 6 : 0);
  const pitchRad =
    spot.view === 'from below' ? USUAL_PITCH_RAD.fromBelow : USUAL_PITCH_RAD.standing * 0.6;
  return {
    topPx: Math.round(originY - hookCm(it, extent) * Math.cos(pitchRad) * pxPerCm),
    picture: {
      subject: subjectOf(it),
      weeks: Math.min(weeks, read(it).weeks),
      lens: { azimuthRad: 0, pitchRad, pxPerCm, originX: widthPx / 2, originY },
      detail: 'full',
      widthPx,
      heightPx,
      holesCm: null,
    },
  };
}

/** A hook lies this many rim widths above the rim, as chains are drawn. */
const CHAIN_RIMS = 1.25;

/** Where a container hangs from above its foot, cm; of one without chains its highest leaf. */
function hookCm(it: PlantingInSpot, { aboveCm }: { readonly aboveCm: number }): number {
  const { shape } = it.planting.container;
  return shape.kind === 'basket' || shape.kind === 'cone'
    ? read(it).potHeightCm + shape.topCm * CHAIN_RIMS
    : aboveCm;
}

const WHEN = { spread: '', morning: ' before noon', afternoon: ' after noon' } as const;

function stripOf(
  { spot, isFirst, fromCm, needPx }: Part,
  placed: readonly {
    readonly it: PlantingInSpot;
    readonly picture: YardPicture;
    readonly topPx: number;
  }[],
  {
    widthPx,
    heightPx,
    units,
  }: { readonly widthPx: number; readonly heightPx: number; readonly units: Units },
): Strip {
  // What the strip has more than it needs is shared out between its containers.
  const extra = (widthPx - needPx) / placed.length;
  return {
    spotId: spot.id,
    spotName: spot.name,
    facts: [
      `${hoursText(spot.sunHours)} sun${WHEN[spot.sunWhen]}`,
      ...(spot.underCover ? ['no rain'] : []),
      ...(fromCm > 0 ? [`drawn from ${lengthText(fromCm, units)} up`] : []),
    ].join(', '),
    place: placeOf(spot, placed[0]!.it),
    isFirst,
    widthPx,
    heightPx,
    fromCm,
    slots: placed.map(({ it, picture, topPx }) => ({
      id: it.planting.id,
      name: it.planting.name,
      widthPx: slotPx(it, picture.lens.pxPerCm) + extra,
      pictureWidthPx: picture.widthPx,
      topPx,
    })),
  };
}
