import { spelled } from '@/ui/spelling/spelling';
import { spelledPages } from '@/ui/spelling/spelledPages';
import { read } from '@/core/checks/reading';
import type { Task } from '@/core/care/task';
import { weeksSince, type Day } from '@/core/calendar/day';
import { dayOf, isOf, type Entry } from '@/core/log/entry';
import { lifeOf } from '@/core/log/life';
import { photoUrl } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { plantLines } from '@/core/shopping/plantCost';
import { extentOfPlanting } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { pageSvg } from '@/drawing/sheetSvg';
import { smallLens } from '@/ui/start/ProposalPicture';
import { taskHow, taskTitle, taskWhy } from '@/words/care';
import { entryText, isOwnWords } from '@/words/diary';
import { sizeName, type Units } from '@/words/format';
import { dayText, lifeText } from '@/words/life';
import { keyed } from '@/words/names';
import { pageHtml, type PageParts } from '@/words/pageFor';
import { templatePages } from '@/words/templatePages';
import { runJob } from '@/workers/runJob';

/** The drawing on the page, px. */
const DRAWN = { widthPx: 900, heightPx: 700 } as const;
const GROUND = '#e2e3e3';
/** What is told to somebody else: what was seen, not every watering. */
const TOLD: ReadonlySet<string> = new Set([
  'planted',
  'put out',
  'in flower',
  'gone over',
  'measured',
  'looks bad',
  'died',
  'noted',
  'ended',
]);
const CAUTION =
  'Some plants harm people or animals when eaten, and some sap harms skin: the label and whoever sold them have the last word. Keep fingers off eyes, wash hands.';

interface PageAsk {
  /** Its entries that hold, in order. */
  readonly held: readonly Entry[];
  readonly photos: readonly Photo[];
  readonly tasks: readonly Task[];
  readonly today: Day;
  readonly units: Units;
  readonly kindOf: (id: KindId) => PlantKind | null;
}

/** The day on which a photograph was taken, in words; empty: it is not told. */
export function photoDay(held: readonly Entry[], photoId: string): string {
  const entry = held.find((one) => isOf(one, 'photographed') && one.what.photoId === photoId);
  return entry ? dayText(dayOf(entry)) : '';
}

/** One planting, or several, as a page for somebody else. @throws {Error} when a drawing could not be made */
export async function makePage(
  asks: readonly (PageAsk & { readonly it: PlantingInSpot })[],
  {
    title,
    onShare = () => {},
    signal,
  }: {
    readonly title?: string;
    readonly onShare?: (share: number) => void;
    readonly signal?: AbortSignal;
  } = {},
): Promise<string> {
  const parts: PageParts[] = [];
  for (const { it, ...ask } of asks) {
    signal?.throwIfAborted();
    parts.push(await partsOf(it, ask));
    onShare(parts.length / asks.length);
  }
  return pageHtml(parts, title);
}

async function partsOf(it: PlantingInSpot, ask: PageAsk): Promise<PageParts> {
  const { held, photos, today, units } = ask;
  const life = lifeOf(held);
  const { weeks } = read(it);
  const shown = life.plantedOn
    ? Math.min(weeks, Math.max(0, weeksSince(life.plantedOn, today)))
    : Math.round(weeks / 2);
  const paper = units.length === 'in' ? 'Letter' : 'A4';
  const plan = templatePages(it, { part: 'plan', paper, marginMm: 12, drip: false }, units, '');
  return {
    title: it.planting.name,
    under: `${it.spot.name}, ${spelled(lifeText(life))}`,
    pictures: [
      { src: await drawing(it, shown), told: spelled(`As it should look on ${dayText(today)}`) },
      ...photos.map((photo) => ({
        src: photoUrl(photo),
        told: `Photographed, ${photoDay(held, photo.id)}`,
      })),
    ],
    planSvg: plan.ok && plan.pages[0] ? pageSvg(spelledPages(plan.pages.slice(0, 1))[0]!) : '',
    plants: plantsOn(it, ask),
    ...toldOn(ask),
    cautions: [spelled(CAUTION)],
  };
}

function plantsOn(it: PlantingInSpot, { kindOf, units }: PageAsk): PageParts['plants'] {
  const letters = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  return plantLines(allPlants(it)).map(({ kindId, size, plants }) => ({
    letter: letters.get(kindId) ?? '',
    name: kindOf(kindId)?.common ?? kindId,
    botanical: kindOf(kindId)?.botanical ?? '',
    count: plants,
    size: sizeName(size, units),
  }));
}

function toldOn({ held, tasks, today, kindOf, units }: PageAsk): Pick<PageParts, 'care' | 'diary'> {
  return {
    care: tasks.map((task) => {
      const when = task.earliest <= today ? 'now' : `from ${dayText(task.earliest)}`;
      return spelled(
        `${taskTitle(task, units)}, ${when}. ${taskWhy(task, kindOf, units)} ${taskHow(task, units)}`,
      );
    }),
    diary: held
      .filter(({ what }) => TOLD.has(what.did))
      .map((entry) => {
        const text = entryText(entry, { kindOf, nameOf: () => '', units });
        return { day: dayText(dayOf(entry)), text: isOwnWords(entry) ? text : spelled(text) };
      }),
  };
}

async function drawing(it: PlantingInSpot, weeks: number): Promise<string> {
  const extent = extentOfPlanting(it);
  const pxPerCm = Math.min(
    DRAWN.widthPx / (extent.leftCm + extent.rightCm),
    DRAWN.heightPx / (extent.aboveCm + extent.belowCm),
  );
  const blob = await runJob('save', {
    subject: subjectOf(it),
    weeks,
    lens: smallLens(it, extent, pxPerCm, DRAWN.widthPx, DRAWN.heightPx),
    scenery: null,
    detail: 'full',
    density: 1,
    ...DRAWN,
    holesCm: null,
    as: 'png',
    title: it.planting.name,
    ground: GROUND,
  });
  return asDataUrl(blob);
}

function asDataUrl(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error('The picture could not be read.'));
    reader.readAsDataURL(blob);
  });
}
