import type { Snapshot } from './backups';
import type { Raw, RillbankDb } from './db';
import type { Entry } from '@/core/log/entry';
import { keyOf } from '@/core/records/step';

/** What has been done on the demo set: changes, plantings kept beside its own, and entries of what happened. */
export interface DemoWork {
  readonly changes: number;
  readonly kept: number;
  readonly told: number;
}

/** Ids of entries that came with the demo set end so. */
export const DEMO_MARK = '-demo';

const idOf = (row: Raw): string => String(row.id);

/**
 * The rows of the demo set: all that is marked as such, with their changes. A spot at which something
 * of the gardener's stands stays, and so does a container that holds something of theirs.
 */
export async function demoOf(db: RillbankDb): Promise<Snapshot> {
  const all = await db.plantings.toArray();
  const plantings = all.filter((row) => row.demo === true);
  const own = all.filter((row) => row.demo !== true);
  const spotIds = new Set(plantings.map((row) => row.spotId));
  for (const { spotId } of own) spotIds.delete(spotId);
  const stoodIn = new Set(own.map((row) => row.shelfId));
  const spots = (await db.spots.toArray()).filter((row) => spotIds.has(idOf(row)));
  const shelf = (await db.shelf.toArray()).filter(
    (row) => row.demo === true && !stoodIn.has(idOf(row)),
  );
  const groups = (await db.groups.toArray()).filter((row) => row.demo === true);
  const keys = [
    ...plantings.map((row) => keyOf({ table: 'plantings', id: idOf(row) })),
    ...spots.map((row) => keyOf({ table: 'spots', id: idOf(row) })),
    ...shelf.map((row) => keyOf({ table: 'shelf', id: idOf(row) })),
    ...groups.map((row) => keyOf({ table: 'groups', id: idOf(row) })),
  ];
  return {
    plantings,
    spots,
    shelf,
    groups,
    entries: (await db.entries.toArray()).filter(aboutOnly(new Set(plantings.map(idOf)))),
    photos: await db.photos.where('plantingId').anyOf(plantings.map(idOf)).toArray(),
    kept: await db.kept.where('plantingId').anyOf(plantings.map(idOf)).toArray(),
    weather: (await db.weather.toArray()).filter((row) =>
      spots.some((spot) => spot.id === row.spotId),
    ),
    steps: await db.steps.where('of').anyOf(keys).toArray(),
  };
}

/** Is an entry about these plantings, and about no others? */
function aboutOnly(plantingIds: ReadonlySet<string>): (row: Raw) => boolean {
  return ({ of, what }) => {
    const { plantingId, plantingIds: several = [] } = (of ?? {}) as Partial<Entry['of']>;
    const { recipes = [] } = (what ?? {}) as {
      readonly recipes?: readonly { readonly plantingId: string }[];
    };
    const about = [plantingId, ...several, ...recipes.map((recipe) => recipe.plantingId)].filter(
      (id) => id !== undefined,
    );
    return about.length > 0 && about.every((id) => plantingIds.has(id));
  };
}

export async function demoWork(db: RillbankDb): Promise<DemoWork> {
  const { steps = [], kept = [], entries = [] } = await demoOf(db);
  return {
    changes: steps.filter((step) => step.undone === 0).length,
    kept: kept.length,
    told: entries.filter((entry) => !idOf(entry).endsWith(DEMO_MARK)).length,
  };
}
