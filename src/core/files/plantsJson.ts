import * as z from 'zod';
import type { Library } from '../plants/library';
import type { OwnKind } from '../plants/own';
import { ownKindSchema } from '../plants/ownSchema';
import { readJson } from './door';
import { parseWith } from './parse';
import {
  faultText,
  LISTED,
  MOST_PLANTS,
  NOTHING,
  valueText,
  type PlantsAnswer,
  type Quarrel,
} from './plantsReading';

/** The gardener's own plants as a file. */
export const plantsFileSchema = z.object({
  format: z.literal('rillbank-plants', { error: 'The format must be rillbank-plants.' }),
  version: z.literal(1, { error: 'The version must be 1.' }),
  plants: z.array(ownKindSchema).max(MOST_PLANTS, `A file has at most ${MOST_PLANTS} plants.`),
});

/** Reads the gardener's own plants from JSON, by their ids. Taken whole or not at all; values of one's own are kept unless `takeTheirs`. */
export function readPlantsJson(text: string, library: Library, takeTheirs = false): PlantsAnswer {
  const read = readJson(text);
  if (!read.ok)
    return { kind: 'not a table', message: `${faultText(read.faults[0]!)} Nothing was taken in.` };
  const parsed = parseWith(plantsFileSchema, read.value);
  if (!parsed.ok)
    return {
      kind: 'not a table',
      message: `${parsed.faults.slice(0, 3).map(faultText).join(' ')} Nothing was taken in.`,
    };
  const records: OwnKind[] = [];
  const quarrels: Quarrel[] = [];
  let [added, changed, same] = [0, 0, 0];
  parsed.value.plants.forEach((theirs, i) => {
    const mine = library.ownOf(theirs.id);
    if (JSON.stringify(mine) === JSON.stringify(theirs)) {
      same += 1;
      return;
    }
    const fights = Object.entries(theirs.told).filter(([field, value]) => {
      const held = (mine?.told as Readonly<Record<string, unknown>> | undefined)?.[field];
      return held !== undefined && JSON.stringify(held) !== JSON.stringify(value);
    });
    for (const [field, value] of fights)
      quarrels.push({
        line: i + 1,
        name: theirs.told.common ?? theirs.id,
        field,
        mine: valueText((mine!.told as Readonly<Record<string, unknown>>)[field]),
        theirs: valueText(value),
      });
    records.push(
      mine && !takeTheirs ? { ...theirs, ...mine, told: { ...theirs.told, ...mine.told } } : theirs,
    );
    if (library.kindOf(theirs.id)) changed += 1;
    else added += 1;
  });
  return {
    kind: 'read',
    reading: {
      ...NOTHING,
      records,
      added,
      changed,
      same,
      quarrels: quarrels.slice(0, LISTED),
      quarrelling: quarrels.length,
    },
  };
}
