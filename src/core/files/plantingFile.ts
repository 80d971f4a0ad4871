import * as z from 'zod';
import type { Planting } from '../plantings/planting';
import type { DayWeather } from '../climate/weather';
import { ownKindSchema } from '../plants/ownSchema';
import { USUAL_HOUSE } from '../plantings/house';
import { gatheringSchema } from '../plantings/gatheringSchema';
import { houseSchema } from '../plantings/houseSchema';
import { keptSchema } from '../plantings/keptSchema';
import { plantingSchema } from '../plantings/schema';
import type { KindId, PlantKind } from '../plants/kind';
import { shelfItemSchema } from '../shelf/schema';
import { spotSchema } from '../spots/schema';
import type { Spot } from '../spots/spot';

/** Version of both file formats. A file with a greater version was written by a newer Rillbank. */
export const FILE_VERSION = 1;

/** Largest file read, bytes: far above any real one. */
export const LARGEST_FILE_BYTES = 20_000_000;

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
  house: houseSchema.default(USUAL_HOUSE),
});
export type Settings = Readonly<z.infer<typeof settingsSchema>>;

/** One day of weather, short, since there may be a hundred thousand: date, lowest and highest °C, rain mm, wind m/s, radiation MJ/m². */
const weatherRow = z.tuple([
  z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'A day of weather must begin with its date.'),
  z.number(),
  z.number(),
  z.number().min(0),
  z.number().nullable(),
  z.number().nullable(),
]);
const weatherSchema = z.object({
  spotId: z.string(),
  days: z.array(weatherRow).max(110_000, 'A spot has at most 110000 days of weather.'),
});
type WeatherRows = z.infer<typeof weatherSchema>;

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

export const backupSchema = z
  .object({
    format: z.literal('rillbank-backup'),
    version: z.literal(FILE_VERSION),
    /** When it was written, ISO 8601. */
    written: z.string(),
    spots: z.array(spotSchema).max(1000),
    plantings: z.array(plantingSchema).max(5000),
    settings: settingsSchema,
    /** Containers the gardener has. */
    shelf: z.array(shelfItemSchema).max(5000).default([]),
    /** What the gardener knows of kinds of plants. */
    kinds: z.array(ownKindSchema).max(30_000).default([]),
    /** Plantings kept beside those that are worked on: pins, versions and what-ifs. */
    kept: z.array(keptSchema).max(20_000).default([]),
    /** Containers that stand together. */
    groups: z.array(gatheringSchema).max(1000).default([]),
    /** Daily records, by spot. */
    weather: z.array(weatherSchema).max(1000).default([]),
  })
  .superRefine((backup, context) => {
    unique(
      backup.plantings.map(({ id }) => id),
      'plantings',
      'Planting',
      context,
    );
    unique(
      backup.spots.map(({ id }) => id),
      'spots',
      'Spot',
      context,
    );
    unique(
      backup.shelf.map(({ id }) => id),
      'shelf',
      'Shelf',
      context,
    );
    unique(
      backup.kinds.map(({ id }) => id),
      'kinds',
      'Plant',
      context,
    );
    unique(
      backup.kept.map(({ id }) => id),
      'kept',
      'Kept planting',
      context,
    );
    unique(
      backup.groups.map(({ id }) => id),
      'groups',
      'Group',
      context,
    );
    const plantings = new Set(backup.plantings.map(({ id }) => id));
    backup.kept.forEach(({ plantingId, name }, i) => {
      if (!plantings.has(plantingId))
        context.addIssue({
          code: 'custom',
          path: ['kept', i, 'plantingId'],
          message: `"${name}" was kept of a planting the file does not have; got "${plantingId}".`,
        });
    });
    const spots = new Set(backup.spots.map(({ id }) => id));
    backup.weather.forEach(({ spotId }, i) => {
      if (!spots.has(spotId))
        context.addIssue({
          code: 'custom',
          path: ['weather', i, 'spotId'],
          message: `Weather belongs to a spot the file does not have; got "${spotId}".`,
        });
    });
    backup.plantings.forEach((planting, i) => {
      if (!spots.has(planting.spotId))
        context.addIssue({
          code: 'custom',
          path: ['plantings', i, 'spotId'],
          message: `Planting "${planting.name}" stands at a spot the file does not have; got "${planting.spotId}".`,
        });
    });
  });
export type Backup = z.infer<typeof backupSchema>;

function unique(
  ids: readonly string[],
  path: string,
  what: string,
  context: {
    addIssue: (issue: { code: 'custom'; path: (string | number)[]; message: string }) => void;
  },
): void {
  const seen = new Set<string>();
  ids.forEach((id, i) => {
    if (seen.has(id))
      context.addIssue({
        code: 'custom',
        path: [path, i, 'id'],
        message: `${what} id must be used once; got "${id}" again.`,
      });
    seen.add(id);
  });
}

/** A faulty file: what is wrong, where. */
export interface FileFault {
  /** Place in the file, e.g. `planting.container.shape.topCm`; empty for the file as a whole. */
  readonly field: string;
  readonly message: string;
}

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly FileFault[] };

const fault = (message: string, field = ''): Parsed<never> => ({
  ok: false,
  faults: [{ field, message }],
});

/** Reads the text of a planting file or a backup, telling which by its `format`. Nothing is taken unless all of it is right. */
export function parseFile(text: string): Parsed<PlantingFile | Backup> {
  if (text.length > LARGEST_FILE_BYTES)
    return fault(
      `The file must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(text.length / 1e6).toFixed(1)} MB.`,
    );
  if (text.trim() === '') return fault('The file is empty.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const cut = /end of (JSON )?input|Unterminated/i.test(String(error));
    return fault(
      cut
        ? 'The file ends too soon: part of it is missing.'
        : `The file is not JSON: ${(error as Error).message}`,
    );
  }
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fault('The file must hold one JSON object.');
  const { format, version } = data as { format?: unknown; version?: unknown };
  if (format !== 'rillbank-planting' && format !== 'rillbank-backup')
    return fault(
      `The format must be rillbank-planting or rillbank-backup; got ${JSON.stringify(format) ?? 'nothing'}.`,
      'format',
    );
  if (typeof version === 'number' && version > FILE_VERSION)
    return fault(
      `The file was written by a newer Rillbank (version ${version}); this one reads up to version ${FILE_VERSION}. Nothing was taken in.`,
      'version',
    );
  return parseWith<PlantingFile | Backup>(
    format === 'rillbank-planting' ? plantingFileSchema : backupSchema,
    data,
  );
}

/** Parses data at a door, with every fault named by its field and the value found there. */
export function parseWith<T>(schema: z.ZodType<T>, data: unknown): Parsed<T> {
  const result = schema.safeParse(data);
  if (result.success) return { ok: true, value: result.data };
  return {
    ok: false,
    faults: result.error.issues.slice(0, 20).map((issue) => ({
      field: fieldName(issue.path),
      message: withValue(issue.message, valueAt(data, issue.path)),
    })),
  };
}

function fieldName(path: readonly PropertyKey[]): string {
  return path
    .map((step, i) =>
      typeof step === 'number' ? `[${step}]` : `${i > 0 ? '.' : ''}${String(step)}`,
    )
    .join('');
}

function valueAt(data: unknown, path: readonly PropertyKey[]): unknown {
  let at: unknown = data;
  for (const step of path)
    at =
      typeof at === 'object' && at !== null
        ? (at as Record<PropertyKey, unknown>)[step]
        : undefined;
  return at;
}

function withValue(message: string, value: unknown): string {
  if (/got |received /.test(message)) return message;
  const shown = value === undefined ? 'nothing' : JSON.stringify(value);
  return `${message.replace(/\.$/, '')}; got ${shown && shown.length > 60 ? `${shown.slice(0, 57)}…` : shown}.`;
}

/** A planting as a file, with a note of every plant it names. */
export function toPlantingFile(
  planting: Planting,
  spot: Spot,
  kindOf: (id: KindId) => PlantKind | null,
): PlantingFile {
  const plants: PlantingFile['plants'] = [];
  for (const id of new Set(planting.places.map((place) => place.kindId))) {
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
  const strangers = [...new Set(file.planting.places.map((place) => place.kindId))]
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
