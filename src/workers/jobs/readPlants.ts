import type { Handler } from './desk';

/** Plants from the text of a table or of our own file. Its reader is fetched when it is first needed. */
export const readPlants: Handler<'readPlants'> = async (
  { text, ...told },
  { library, tell, run },
) => {
  const { readingPlantsCsv } = await import('@/core/files/plantsCsv');
  const { readPlantsJson } = await import('@/core/files/plantsJson');
  return /^\s*\{/.test(text)
    ? readPlantsJson(text, library, told.takeTheirs)
    : run(readingPlantsCsv(text, library, { ...told, onShare: tell }));
};
