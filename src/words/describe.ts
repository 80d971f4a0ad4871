import type { Reading } from '@/core/checks/reading';
import type { Opinion } from '@/core/checks/opinion';
import { colourName } from '@/core/colour/names';
import { seasonShare } from '@/core/growth/growth';
import type { PlantKind } from '@/core/plants/kind';
import { bookWeek } from '@/core/spots/spot';
import { weekAfter } from '@/core/units/units';
import { sizeText } from './containers';
import { countText, dateText, hoursText, lengthText, weekText, type Units } from './format';
import { inSentence, SUPPORT_NAMES, type Keyed } from './names';
import { leadWord, sentenceOf } from './remarks';

const ACROSS = ['at the left', 'in the middle', 'at the right'] as const;
const DEEP = ['back', '', 'front'] as const;

/** "at the back left", "in the middle": thirds of the mix, as seen from the front. */
function placeText(
  { xCm, zCm }: { readonly xCm: number; readonly zCm: number },
  reach: { readonly acrossCm: number; readonly deepCm: number },
): string {
  const third = (value: number, half: number) => (value < -half / 3 ? 0 : value > half / 3 ? 2 : 1);
  const [across, deep] = [third(xCm, reach.acrossCm), third(zCm, reach.deepCm)];
  if (across === 1 && deep === 1) return 'in the middle';
  if (across === 1) return `at the ${DEEP[deep]}`;
  return deep === 1 ? ACROSS[across]! : `at the ${DEEP[deep]} ${across === 0 ? 'left' : 'right'}`;
}

/** What one kind shows in a week: its leaf, and its flower when it is out. */
function showsText(kind: PlantKind, week: number): string {
  const leaf = `${colourName(kind.foliage.main)} leaves${kind.foliage.second ? ` with ${colourName(kind.foliage.second)}` : ''}`;
  const bloom =
    kind.bloom && seasonShare(kind.bloom.weeks, week) > 0
      ? `, ${colourName(kind.bloom.main)} flowers`
      : '';
  return leaf + bloom;
}

/**
 * A planting as somebody would tell it who stands before it, in a week: what stands where, how tall, in what colours, and what to mind.
 * Read out in the place of the drawing, and what "Copy in words" copies.
 */
export function describePlanting(
  reading: Reading,
  keys: readonly Keyed[],
  opinion: Pick<Opinion, 'remarks'>,
  weeks: number,
  units: Units,
): string {
  const { planting, spot, all: plants, sides } = reading;
  const sizes = reading.allSizesAt(weeks);
  const inSides = new Set(sides.map(({ id }) => id));
  const reach = {
    acrossCm: Math.max(1, ...plants.map(({ xCm }) => Math.abs(xCm))),
    deepCm: Math.max(1, ...plants.map(({ zCm }) => Math.abs(zCm))),
  };
  const week = weekAfter(planting.plantedWeek, weeks);
  const lines = [
    `${planting.name}: ${sizeText(planting.container.shape, units.length)} ${units.length} ${planting.container.name.toLowerCase()} at ${spot.name.toLowerCase()}, ${hoursText(spot.sunHours)} of sun, ${weeks === 0 ? 'on planting day' : `${countText(weeks, 'week')} after planting`}, ${weekText(week)}.`,
  ];
  if (plants.length === 0) lines.push('Nothing is planted in it yet.');
  if (planting.support)
    lines.push(
      `${SUPPORT_NAMES[planting.support.form].name}, ${lengthText(planting.support.heightCm, units)} above the mix, ${placeText(planting.support, reach)}.`,
    );
  for (const { kind, count, letter } of keys) {
    const here = plants
      .map((plant, i) => ({ plant, size: sizes[i]! }))
      .filter(({ plant }) => plant.kindId === kind.id);
    const tall = Math.max(...here.map(({ size }) => size.heightCm));
    const trail = Math.max(...here.map(({ size }) => size.trailCm));
    const where = [
      ...new Set(
        here.map(({ plant }) => (inSides.has(plant.id) ? 'in the sides' : placeText(plant, reach))),
      ),
    ];
    lines.push(
      `${letter}: ${countText(count, inSentence(kind.common), inSentence(kind.common))}, ${where.join(', ')}; about ${lengthText(tall, units)} tall${trail > 5 ? `, trailing ${lengthText(trail, units)}` : ''}; ${showsText(kind, bookWeek(week, spot))}.`,
    );
  }
  const open = opinion.remarks
    .filter(({ severity, meant }) => !meant && (severity === 'trouble' || severity === 'look'))
    .slice(0, 3);
  for (const remark of open)
    lines.push(`${leadWord(remark)}: ${sentenceOf(remark, reading, units).says}`);
  if (open.length === 0 && plants.length > 0)
    lines.push('Nothing stands against it as far as it can be told.');
  lines.push(
    `Planted ${dateText(planting.plantedWeek)}, to last until ${dateText(planting.endWeek)}.`,
  );
  return lines.join('\n');
}
