import * as z from 'zod';
import { settingsSchema, weatherRecordsSchema } from '@/core/files/plantingFile';
import { stampSchema } from '@/core/meeting/stamp';
import { ownKindSchema } from '@/core/plants/ownSchema';
import { entrySchema } from '@/core/log/schema';
import { photoSchema } from '@/core/log/photoSchema';
import { gatheringSchema } from '@/core/plantings/gatheringSchema';
import { keptSchema } from '@/core/plantings/keptSchema';
import { plantingSchema } from '@/core/plantings/schema';
import { doneSchema } from '@/core/plantings/doneSchema';
import { stepSchema } from '@/core/records/stepSchema';
import { shelfItemSchema } from '@/core/shelf/schema';
import { withLightInUse } from '@/core/spots/light';
import { spotSchema } from '@/core/spots/schema';
import type { Raw } from './db';

/** What a table holds: how a record is read, how it is named to the gardener, and what follows from it. */
export interface TableRule<T> {
  readonly schema: z.ZodType<T>;
  /** What one record is called. */
  readonly called: string;
  /** The name a gardener knows a record by, read from one that may not parse. */
  readonly nameOf: (record: Raw) => string;
  /** Field that holds its id. */
  readonly key: string;
  /** What follows from a record, worked out anew before it is kept. */
  readonly settle?: (record: T) => T;
  /** Is what was read kept, as long as the record is the same? For tables that grow long and are read again at every change. */
  readonly isRemembered?: boolean;
}

/** Longest name that is shown of a record: one that cannot be read may hold anything. */
const LONGEST_SHOWN = 120;
const text = (value: unknown): string =>
  typeof value === 'string' ? value.slice(0, LONGEST_SHOWN) : '';
const named = (record: Raw): string => text(record.name) || text(record.id);

const UNKNOWN = { did: 'told', name: 'Changed it' } as const;

function rule<T>(
  schema: z.ZodType<T>,
  called: string,
  rest: Partial<Omit<TableRule<T>, 'schema' | 'called'>> = {},
): TableRule<T> {
  return { schema, called, nameOf: named, key: 'id', ...rest };
}

/** Every table, in one place: whatever is put anywhere has been parsed by its rule. */
export const TABLES = {
  spots: rule(spotSchema, 'Spot', { settle: withLightInUse }),
  plantings: rule(plantingSchema, 'Planting', { isRemembered: true }),
  shelf: rule(shelfItemSchema, 'Container', {
    nameOf: (record) => text((record.container as Raw | undefined)?.name) || text(record.id),
  }),
  kinds: rule(ownKindSchema, 'Plant', {
    nameOf: (record) => text((record.told as Raw | undefined)?.common) || text(record.id),
  }),
  kept: rule(keptSchema, 'Kept planting'),
  groups: rule(gatheringSchema, 'Group'),
  // What happened. Only ever added to: a mistake is taken back by another entry.
  entries: rule(entrySchema, 'Entry', {
    isRemembered: true,
    nameOf: ({ at, what }) => `${text((what as Raw | undefined)?.did)} ${text(at).slice(0, 10)}`,
  }),
  photos: rule(photoSchema, 'Photograph', { nameOf: (record) => text(record.id) }),
  weather: rule(weatherRecordsSchema, 'Weather', {
    key: 'spotId',
    nameOf: (record) => text(record.spotId),
  }),
  settings: rule(settingsSchema.extend({ key: z.literal('settings') }), 'Settings', {
    key: 'key',
    nameOf: () => 'Settings',
  }),
  // A step whose words a later version knows can still be taken back.
  steps: rule(stepSchema.extend({ done: doneSchema.catch(UNKNOWN) }), 'Change', {
    nameOf: (record) => text(record.of),
  }),
  // What was seen of each record when this device last met another.
  stamps: rule(stampSchema, 'Mark', { key: 'of', nameOf: (record) => text(record.of) }),
} as const;

export type TableName = keyof typeof TABLES;

export const EVERY_TABLE = Object.keys(TABLES) as TableName[];

/** Tables whose records are worked on in a room, with undo. */
export type RoomTable = 'spots' | 'plantings' | 'shelf' | 'groups';

export type RecordOf<N extends TableName> = z.output<(typeof TABLES)[N]['schema']>;
