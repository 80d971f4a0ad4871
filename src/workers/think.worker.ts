import { BOOK } from '@/core/plants/book/index';
import { libraryOf } from '@/core/plants/library';
import { opinionOf, tryFixes, type Fix } from '@/core/checks/opinion';
import type { CheckId } from '@/core/checks/rules/index';
import type { Seen } from '@/core/checks/outlook';
import { countSeason } from '@/core/seeing/visible';
import { remaking } from '@/core/search/remaking';
import { fitsIn } from '@/core/placing/fits';
import type { Edit } from '@/core/plantings/edits';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { composeGroup } from '@/core/search/group';
import { obstaclesTo } from '@/core/search/obstacles';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { propose } from '@/core/search/propose';
import { standInsFor } from '@/core/search/standIns';
import { swapEdit } from '@/core/plantings/edits';
import type { AskMessage, FromWorker, ToThinker } from './messages';

const scope = self as unknown as {
  postMessage: (message: FromWorker) => void;
  onmessage: ((event: MessageEvent<ToThinker>) => void) | null;
};
const cancelled = new Set<number>();
/** The book, with what the gardener knows of kinds. */
let library = libraryOf(BOOK, []);

/** Longest stretch of thinking before the event loop turns, ms: a cancel arrives within it. */
const SLICE_MS = 14;
/** What the counting of leaves leaves to others after each slice, ms. */
const LEFT_MS = 4;

const breath = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

function askOf({ only, ...ask }: AskMessage) {
  return { ...ask, kinds: kindsFrom(only) };
}

/** Kinds to choose from: those named, or all that are not never to be planted again. */
function kindsFrom(only: readonly KindId[] | null): readonly PlantKind[] {
  return only ? library.offered.filter((kind) => only.includes(kind.id)) : library.offered;
}

scope.onmessage = ({ data }) => {
  if (data.job === 'cancel') {
    cancelled.add(data.id);
    return;
  }
  if (data.job === 'own kinds') {
    library = libraryOf(BOOK, data.request);
    return;
  }
  work(data)
    .then((value) => scope.postMessage({ id: data.id, kind: 'result', value }))
    .catch((error: unknown) =>
      scope.postMessage({
        id: data.id,
        kind: 'error',
        message: error instanceof Error ? error.message : String(error),
      }),
    )
    .finally(() => cancelled.delete(data.id));
};

async function work(
  message: Exclude<ToThinker, { job: 'cancel' | 'own kinds' }>,
): Promise<unknown> {
  switch (message.job) {
    case 'propose': {
      const search = propose(askOf(message.request), {
        effort: message.request.effort,
        wanted: message.request.wanted,
        improve: message.request.improve,
      });
      let sliceEnd = performance.now() + SLICE_MS;
      let told = '';
      for (;;) {
        const { done, value } = search.next();
        if (done) return value;
        const now = value.best.map((p) => p.places.map((place) => place.kindId).join()).join(';');
        if (now !== told) {
          told = now;
          scope.postMessage({ id: message.id, kind: 'progress', value });
        }
        if (performance.now() < sliceEnd) continue;
        await breath();
        if (cancelled.has(message.id)) return value.best;
        sliceEnd = performance.now() + SLICE_MS;
      }
    }
    case 'obstacles':
      return obstaclesTo(askOf(message.request));
    case 'standIns': {
      const { it, kindId, only, place = null } = message.request;
      return standInsFor(it, kindId, kindsFrom(only), { place });
    }
    case 'fixes': {
      const { it, checks } = message.request;
      const found: Partial<Record<CheckId, Fix>> = {};
      for (const check of checks) {
        if (cancelled.has(message.id)) break;
        const fix = tryFixes(it, check, library.kindOf, swapsFor(it, check));
        if (fix) found[check] = fix;
        await breath();
      }
      return found;
    }
    case 'readWeather':
      return (await import('@/core/files/weatherCsv')).readWeatherCsv(
        message.request.text,
        message.request.answers,
      );
    case 'readPlants': {
      const { text, ...told } = message.request;
      const door = await import('@/core/files/plantsCsv');
      return /^\s*\{/.test(text)
        ? door.readPlantsJson(text, library, told.takeTheirs)
        : door.readPlantsCsv(text, library, told);
    }
    case 'seen': {
      const rows: (readonly [number, Seen])[] = [];
      let sliceEnd = performance.now() + SLICE_MS;
      for (const row of countSeason(message.request.it)) {
        if (row) rows.push(row);
        if (performance.now() < sliceEnd) continue;
        // Drawings are waited for, this is not: a moment is left to them after every slice.
        await new Promise((resolve) => setTimeout(resolve, LEFT_MS));
        if (cancelled.has(message.id)) break;
        sliceEnd = performance.now() + SLICE_MS;
      }
      return rows;
    }
    case 'remake':
      return remaking(message.request.it, message.request.how, library.offered);
    case 'group': {
      const { only, ...ask } = message.request.ask;
      return composeGroup(message.request.containers, { ...ask, kinds: kindsFrom(only) });
    }
    case 'fits':
      return fitsIn(message.request.container);
  }
}

/** Checks that a better-suited kind mends: try the best stand-ins of the plants pointed at. */
const MENDED_BY_SWAP: readonly CheckId[] = [
  'light',
  'thirst',
  'reach',
  'edible',
  'scheme',
  'pot-contrast',
  'trail-length',
  'cold',
  'texture',
];

/** Swaps of the first plant a check points at for its best stand-ins. */
function swapsFor(it: PlantingInSpot, check: CheckId): readonly Edit[] {
  if (!MENDED_BY_SWAP.includes(check)) return [];
  const remark = opinionOf(it).remarks.find((one) => one.check === check);
  const culprit = it.plants.find((plant) => plant.id === remark?.culprits[0])?.kindId;
  return culprit
    ? standInsFor(it, culprit, library.offered, { count: 4 }).map(({ kindId, size }) =>
        swapEdit(culprit, kindId, size),
      )
    : [];
}
