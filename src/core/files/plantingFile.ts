import * as z from 'zod';
import { textSchema } from '../records/textSchema';
import { MARKETS } from '../plants/market';
import type { Planting } from '../plantings/planting';
import type { DayWeather } from '../climate/weather';
import { ownKindSchema } from '../plants/ownSchema';
import { USUAL_HOUSE } from '../plantings/house';
import { photoSchema } from '../log/photoSchema';
import { entrySchema } from '../log/schema';
import { gatheringSchema } from '../plantings/gatheringSchema';
import { houseSchema } from '../plantings/houseSchema';
import { keptSchema } from '../plantings/keptSchema';
import { plantingSchema } from '../plantings/schema';
import {
  dateSchema,
  daySchema,
  maxCSchema,
  minCSchema,
  MOST_DAYS,
  radiationSchema,
  rainSchema,
  windSchema,
} from '../climate/daySchema';
import { readJson } from './door';
import { parseWith, shown, type Parsed } from './parse';
import type { KindId, PlantKind } from '../plants/kind';
import { markSchema } from '../meeting/stamp';
import { shelfItemSchema } from '../shelf/schema';
import { spotSchema } from '../spots/schema';
import type { Spot } from '../spots/spot';

/** Version of both file formats. A file with a greater version was written by a newer Rillbank. */
export const FILE_VERSION = 1;

/** What a planting file says of the plants it names, so that a reader without them can still tell what they are. */
const plantNoteSchema = z.object({
  id: z.string(),
  botanical: z.string(),
  common: z.string(),
  heightCm: z.tuple([z.number(), z.number()]),
  spreadCm: z.tuple([z.number(), z.number()]),
});

export const plantingFileSchema = z.object({
  format: z.literal('rillbank-planting'),
  version: z.literal(FILE_VERSION),
  planting: plantingSchema,
  spot: spotSchema,
  plants: z.array(plantNoteSchema).max(500),
});
export type PlantingFile = z.infer<typeof plantingFileSchema>;

export const settingsSchema = z.object({
  length: z.enum(['cm', 'in']),
  currency: z.string().min(1).max(4),
  theme: z.enum(['light', 'dark', 'system']),
  /** Where plants are bought. Left out: where lengths are told so. */
  market: z.enum(MARKETS).optional(),
  house: houseSchema.default(USUAL_HOUSE),
  /** What going to a shop costs, pence or cents. Left out: 300. */
  tripMinor: z
    .number()
    .int('What a trip costs is counted in whole pence or cents.')
    .min(0, 'A trip must not cost less than nothing.')
    .max(1_000_000, 'A trip must cost at most 10,000.')
    .optional(),
  /** What a cubic metre of tap water costs, pence or cents. Left out: 350. */
  waterMinorM3: z
    .number()
    .int('What water costs is counted in whole pence or cents.')
    .min(0, 'Water must not cost less than nothing.')
    .max(100_000, 'A cubic metre of water must cost at most 1,000.')
    .optional(),
  /** Whose round this device walks; left out: everybody's. */
  roundsOf: textSchema('Whose round', 60).optional(),
  /** Kinds of which what was seen here is not used. */
  seenAside: z.array(z.string().max(80)).max(2000).readonly().optional(),
  /** Rillbank's clock stands here, ISO 8601, as on the demo set's own day. Left out: it goes with the machine's. */
  heldAt: z.iso
    .datetime({ offset: true, error: 'A day to hold must be like 2026-07-16T08:30:00+01:00.' })
    .optional(),
});
export type Settings = Readonly<z.infer<typeof settingsSchema>>;

/** One day of weather, short, since there may be a hundred thousand: date, lowest and highest °C, rain mm, wind m/s, radiation MJ/m². */
const weatherRow = z.tuple([
  dateSchema,
  minCSchema,
  maxCSchema,
  rainSchema,
  windSchema.nullable(),
  radiationSchema.nullable(),
]);
const TOO_MANY_DAYS = `A spot has at most ${MOST_DAYS} days of weather.`;
const weatherSchema = z.object({
  spotId: z.string().min(1).max(80),
  days: z.array(weatherRow).max(MOST_DAYS, TOO_MANY_DAYS),
});
type WeatherRows = z.infer<typeof weatherSchema>;

/** Daily records of a spot as they are stored. */
export const weatherRecordsSchema = z.object({
  spotId: z.string().min(1).max(80),
  days: z.array(daySchema).max(MOST_DAYS, TOO_MANY_DAYS).readonly(),
});

export function toWeatherRows({
  spotId,
  days,
}: {
  readonly spotId: string;
  readonly days: readonly DayWeather[];
}): WeatherRows {
  return {
    spotId,
    days: days.map(({ date, minC, maxC, rainMm, windMs, radiationMJ }) => [
      date,
      minC,
      maxC,
      rainMm,
      windMs,
      radiationMJ,
    ]),
  };
}

export function fromWeatherRows({ spotId, days }: WeatherRows): {
  readonly spotId: string;
  readonly days: readonly DayWeather[];
} {
  return {
    spotId,
    days: days.map(([date, minC, maxC, rainMm, windMs, radiationMJ]) => ({
      date,
      minC,
      maxC,
      rainMm,
      windMs,
      radiationMJ,
    })),
  };
}

/**
 * Most records of a kind in one file. Writing breaks a backup into parts before it comes near; see
 * `backupParts.ts`.
 */
export const MOST_RECORDS = 100_000;

const many = <T extends z.ZodType>(schema: T, what: string) =>
  z.array(schema).max(MOST_RECORDS, `A file has at most ${MOST_RECORDS} ${what}.`);

/** The fields of a backup, or of one part of it. */
export const backupFields = z.object({
  format: z.literal('rillbank-backup'),
  version: z.literal(FILE_VERSION),
  /** When it was written, ISO 8601. */
  written: z.string().max(40),
  /** Which part of how many this file is; left out when it is whole. */
  part: z
    .object({
      number: z.number().int().min(1).max(999),
      of: z.number().int().min(1).max(999),
    })
    .optional(),
  spots: many(spotSchema, 'spots'),
  plantings: many(plantingSchema, 'plantings'),
  settings: settingsSchema,
  /** Containers the gardener has. */
  shelf: many(shelfItemSchema, 'containers').default([]),
  /** What the gardener knows of kinds of plants. */
  kinds: many(ownKindSchema, 'plants').default([]),
  /** Plantings kept beside those that are worked on: pins, versions and what-ifs. */
  kept: many(keptSchema, 'kept plantings').default([]),
  /** Containers that stand together. */
  groups: many(gatheringSchema, 'groups').default([]),
  /** What happened, entry by entry. */
  entries: many(entrySchema, 'entries').default([]),
  /** Photographs that the log names. */
  photos: many(photoSchema, 'photographs').default([]),
  /** Daily records, by spot. */
  weather: many(weatherSchema, 'lists of weather').default([]),
  /** What the device that wrote it had seen of each record, and of those that are gone: tells, where two meet, who changed what. */
  marks: many(markSchema, 'marks').default([]),
  /** Records that could not be read where the file was written, as they lay there. */
  unreadable: many(
    z.object({ table: z.string().max(20), record: z.record(z.string(), z.unknown()) }),
    'unreadable records',
  ).default([]),
});

type BackupFields = z.infer<typeof backupFields>;

/** A whole backup: besides its fields, that ids are used once and what belongs together is there. */
export const backupSchema = backupFields.superRefine((backup, context) => {
  const fault = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message });
  for (const [list, what] of Object.entries(UNIQUE) as [keyof typeof UNIQUE, string][]) {
    const seen = new Set<string>();
    backup[list].forEach(({ id }, i) => {
      if (seen.has(id)) fault([list, i, 'id'], `${what} id must be used once; got "${id}" again.`);
      seen.add(id);
    });
  }
  const plantings = new Set(backup.plantings.map(({ id }) => id));
  const spots = new Set(backup.spots.map(({ id }) => id));
  backup.kept.forEach(({ plantingId, name }, i) => {
    if (!plantings.has(plantingId))
      fault(
        ['kept', i, 'plantingId'],
        `"${name}" was kept of a planting the file does not have; got "${plantingId}".`,
      );
  });
  backup.weather.forEach(({ spotId }, i) => {
    if (!spots.has(spotId))
      fault(
        ['weather', i, 'spotId'],
        `Weather belongs to a spot the file does not have; got "${spotId}".`,
      );
  });
  backup.plantings.forEach(({ name, spotId }, i) => {
    if (!spots.has(spotId))
      fault(
        ['plantings', i, 'spotId'],
        `Planting "${name}" stands at a spot the file does not have; got "${spotId}".`,
      );
  });
});

/** Lists of a backup in which an id stands once. */
const UNIQUE = {
  plantings: 'Planting',
  spots: 'Spot',
  shelf: 'Shelf',
  kinds: 'Plant',
  kept: 'Kept planting',
  groups: 'Group',
  entries: 'Entry',
  photos: 'Photograph',
} as const satisfies Partial<Record<keyof BackupFields, string>>;

export type Backup = z.infer<typeof backupSchema>;

const fault = (message: string, field = ''): Parsed<never> => ({
  ok: false,
  faults: [{ field, message }],
});

/** Reads the text of a planting file or a backup, telling which by its `format`. Nothing is taken unless all of it is right. */
export function parseFile(text: string): Parsed<PlantingFile | Backup> {
  const whole = readOurs(text);
  if (!whole.ok) return whole;
  return whole.value.format === 'rillbank-planting'
    ? parseWith<PlantingFile | Backup>(plantingFileSchema, whole.value)
    : parseWith<PlantingFile | Backup>(backupSchema, whole.value);
}

/** One of our files as JSON, its format and version asked and nothing else. */
export function readOurs(text: string): Parsed<{ readonly format: string }> {
  // What could not be read here must come back from a file, whatever is wrong with it.
  const read = readJson(text, 'unreadable');
  if (!read.ok) return read;
  const data = read.value;
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fault('The file must hold one JSON object.');
  const { format, version } = data as { format?: unknown; version?: unknown };
  if (format !== 'rillbank-planting' && format !== 'rillbank-backup')
    return fault(
      `The format must be rillbank-planting or rillbank-backup; got ${shown(format)}.`,
      'format',
    );
  if (typeof version === 'number' && version > FILE_VERSION)
    return fault(
      `The file was written by a newer Rillbank (version ${version}); this one reads up to version ${FILE_VERSION}. Nothing was taken in.`,
      'version',
    );
  return { ok: true, value: { ...data, format } };
}

/** Every kind a planting names: in its mix, in its sides, sown round its rim, taken where another is not to be had. */
function kindsIn({
  places,
  sides = [],
  rimSeeds = [],
  secondChoices = [],
}: Planting): ReadonlySet<KindId> {
  return new Set(
    [...places, ...sides, ...secondChoices].map(({ kindId }) => kindId).concat(rimSeeds),
  );
}

/** A planting as a file, with a note of every plant it names. */
export function toPlantingFile(
  planting: Planting,
  spot: Spot,
  kindOf: (id: KindId) => PlantKind | null,
): PlantingFile {
  const plants: PlantingFile['plants'] = [];
  for (const id of kindsIn(planting)) {
    const kind = kindOf(id);
    const stranger = planting.strangers.find((s) => s.kindId === id);
    if (kind)
      plants.push({
        id,
        botanical: kind.botanical,
        common: kind.common,
        heightCm: [...kind.heightCm],
        spreadCm: [...kind.spreadCm],
      });
    else if (stranger) {
      const note = plantNoteSchema.safeParse({ ...stranger.told, id });
      plants.push(
        note.success
          ? note.data
          : {
              id,
              botanical: stranger.name,
              common: stranger.name,
              heightCm: [0, 0],
              spreadCm: [0, 0],
            },
      );
    }
  }
  return { format: 'rillbank-planting', version: FILE_VERSION, planting, spot, plants };
}

/** The planting of a file, with plants this book does not have kept as strangers, with what the file said of them. */
export function fromPlantingFile(
  file: PlantingFile,
  kindOf: (id: KindId) => PlantKind | null,
): { readonly planting: Planting; readonly spot: Spot } {
  const strangers = [...kindsIn(file.planting)]
    .filter((id) => kindOf(id) === null)
    .map((id) => {
      const note = file.plants.find((plant) => plant.id === id);
      const known = file.planting.strangers.find((s) => s.kindId === id);
      return known ?? { kindId: id, name: note?.common ?? id, told: note ? { ...note } : {} };
    });
  return { planting: { ...file.planting, strangers }, spot: file.spot };
}

/** JSON Schema of a format, from the same Zod schema that reads it. */
export function jsonSchemaOf(format: 'planting' | 'backup'): unknown {
  return z.toJSONSchema(format === 'planting' ? plantingFileSchema : backupSchema, {
    io: 'input',
    unrepresentable: 'any',
  });
}
