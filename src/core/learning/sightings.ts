import { weekOfDay, weeksSince } from '../calendar/day';
import { read } from '../checks/reading';
import { dayOf, isOf, type Entry } from '../log/entry';
import type { PlantingInSpot } from '../plantings/planting';
import type { Here, KindId, PlantKind } from '../plants/kind';
import { bookWeek, isSeasonless } from '../spots/spot';
import { weeksBetween } from '../units/units';
import { kindOfEntry } from './badly';
import { thirstOf, type Past, type WeatherRecords } from './thirst';

/** What is measured is not compared with what is expected to be smaller than this, cm: the tape is out by as much. */
const LEAST_CM = 4;
/** Only of what stood so long before its flowers were due is it known when they began, weeks. */
const WAITED_WEEKS = 2;
/** A date further off the book than this is another flowering, weeks. */
const MOST_WEEKS_OFF = 12;
/** Told to be scorched or leggy, a plant would have done with so much less, or more, sun: hours. Ours. */
const WANTED_HOURS = 1;
/** What stood so long in more or less sun than the book grants, and was looked at and not complained of, bears it: weeks. */
const BORE_WEEKS = 10;

/** A figure of the book that is learnt, from its own sightings. */
export type Figure = Exclude<keyof Here, 'stood' | 'badly'>;

/** All that one planting tells of its kinds. */
export function* sightingsIn(past: Past, records: WeatherRecords): Generator<Seen> {
  yield* sizesSeen(past);
  yield* flowersSeen(past);
  yield* sunSeen(past);
  yield* thirstSeen(past, records);
}

/** One figure of one kind, as it was seen in one planting. */
export interface Seen {
  readonly kindId: KindId;
  readonly figure: Figure;
  readonly off: number;
  readonly day: string;
}

function* sizesSeen({ it, own, plantedOn }: Past): Generator<Seen> {
  for (const entry of own) {
    if (!isOf(entry, 'measured')) continue;
    const kindId = kindOfEntry(entry, it);
    if (kindId === null) continue;
    // Cut, it is no longer what the book foresees.
    if (own.some((other) => isCutOf(other, kindId, it) && other.at <= entry.at)) continue;
    const day = dayOf(entry);
    const sizes = read(it).sizesAt(Math.max(0, weeksSince(plantedOn, day)));
    const of = it.plants.flatMap((plant, i) => (plant.kindId === kindId ? [sizes[i]!] : []));
    const pairs = [
      ['height', entry.what.heightCm, 'heightCm'],
      ['spread', entry.what.spreadCm, 'spreadCm'],
    ] as const;
    for (const [figure, measured, size] of pairs) {
      const expected = of.reduce((sum, one) => sum + one[size], 0) / Math.max(1, of.length);
      if (measured === null || measured <= 0 || expected < LEAST_CM) continue;
      yield { kindId, figure, off: Math.log(measured / expected), day };
    }
  }
}

/** When flowers began and when they were over: each as it was first told in a year. */
function* flowersSeen({ it, own, plantedOn }: Past): Generator<Seen> {
  // Where there is no winter flowers keep no weeks.
  if (isSeasonless(it.spot)) return;
  const told = new Set<string>();
  for (const entry of own) {
    if (!isOf(entry, 'in flower') && !isOf(entry, 'gone over')) continue;
    const kind = kindIn(it, kindOfEntry(entry, it));
    // Weeks of a place's winter say nothing of the book's.
    if (!kind?.bloom || kind.weeksThere) continue;
    const begins = isOf(entry, 'in flower');
    const day = dayOf(entry);
    // What flowers for weeks is told more than once: the first time it began.
    const key = `${kind.id} ${begins} ${day.slice(0, 4)}`;
    if (told.has(key)) continue;
    told.add(key);
    const [from, to] = kind.bloom.weeks;
    const week = bookWeek(weekOfDay(day), it.spot);
    const off = signedWeeks(begins ? from : to, week);
    if (Math.abs(off) > MOST_WEEKS_OFF) continue;
    const waited =
      weeksSince(plantedOn, day) - off + Math.max(0, ...weeksBeforeOfKind(it, kind.id));
    if (begins && waited < WAITED_WEEKS) continue;
    yield { kindId: kind.id, figure: begins ? 'flowersFrom' : 'flowersTo', off, day };
  }
}

/** Scorched in sun that the book grants it, leggy where the book has it bright enough; or neither, for a season, in more or less than that. */
function* sunSeen({ it, own, plantedOn }: Past): Generator<Seen> {
  const { sunHours } = it.spot;
  const last = own[own.length - 1];
  if (!last) return;
  const day = dayOf(last);
  for (const kind of new Set(it.plants.map((plant) => plant.kind))) {
    const [least, most] = kind.light.hours;
    const complaint = (how: 'scorched' | 'leggy') =>
      own.some(
        (entry) =>
          isOf(entry, 'looks bad') && entry.what.how === how && kindOfEntry(entry, it) === kind.id,
      );
    const [isScorched, isLeggy] = [complaint('scorched'), complaint('leggy')];
    // A word about it shows that it was looked at.
    const wasSeen = own.some(
      (entry) =>
        kindOfEntry(entry, it) === kind.id && (isOf(entry, 'measured') || isOf(entry, 'in flower')),
    );
    const bore = wasSeen && !isScorched && !isLeggy && weeksSince(plantedOn, day) >= BORE_WEEKS;
    if (isScorched ? sunHours <= most : bore && sunHours > most)
      yield {
        kindId: kind.id,
        figure: 'mostSun',
        off: sunHours - (isScorched ? WANTED_HOURS : 0) - most,
        day,
      };
    if (isLeggy ? sunHours >= least : bore && sunHours < least)
      yield {
        kindId: kind.id,
        figure: 'leastSun',
        off: sunHours + (isLeggy ? WANTED_HOURS : 0) - least,
        day,
      };
  }
}

/** What a container that is over drank against what was reckoned, told of each kind in it. While it stands its own fingers tell that. */
function* thirstSeen(past: Past, records: WeatherRecords): Generator<Seen> {
  const found = thirstOf(past, records);
  if (!found) return;
  for (const kindId of new Set(past.it.plants.map((plant) => plant.kindId)))
    yield { kindId, figure: 'thirst', ...found };
}

const kindIn = (it: PlantingInSpot, kindId: KindId | null): PlantKind | null =>
  it.plants.find((plant) => plant.kindId === kindId)?.kind ?? null;

const weeksBeforeOfKind = (it: PlantingInSpot, kindId: KindId): readonly number[] =>
  it.plants.flatMap((plant) => (plant.kindId === kindId ? [it.weeksBefore[plant.id] ?? 0] : []));

/** Weeks from one week of the year to another, the short way round: below 0 when it is earlier. */
function signedWeeks(from: number, to: number): number {
  const weeks = weeksBetween(from, to);
  return weeks > 26 ? weeks - 52 : weeks;
}

/** Were plants of this kind cut: by name, in their places, or all of the planting? */
function isCutOf(entry: Entry, kindId: KindId, it: PlantingInSpot): boolean {
  if (!isOf(entry, 'trimmed') && !isOf(entry, 'pinched')) return false;
  const cut = kindOfEntry(entry, it);
  return cut === null || cut === kindId;
}
