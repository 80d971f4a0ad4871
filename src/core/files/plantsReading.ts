import type { OwnKind } from '../plants/own';
import type { PlantMapping } from './plantColumns';

export const MOST_PLANTS = 30_000;
/** Faults and quarrels listed; the rest are counted. */
export const LISTED = 50;

/** A value the gardener has already that the file would change. */
export interface Quarrel {
  readonly line: number;
  readonly name: string;
  readonly field: string;
  readonly mine: string;
  readonly theirs: string;
}

export interface PlantsReading {
  readonly headings: readonly string[];
  readonly mapping: PlantMapping;
  /** Records ready to be kept: new kinds, and kinds known with what the file adds. */
  readonly records: readonly OwnKind[];
  readonly added: number;
  readonly changed: number;
  /** Lines that say nothing new. */
  readonly same: number;
  readonly faults: readonly { readonly line: number; readonly message: string }[];
  readonly faulty: number;
  readonly quarrels: readonly Quarrel[];
  readonly quarrelling: number;
}

export type PlantsAnswer =
  | { readonly kind: 'read'; readonly reading: PlantsReading }
  | { readonly kind: 'not a table'; readonly message: string };

/** What a file without plants brings. */
export const NOTHING = {
  headings: [],
  mapping: {},
  records: [],
  added: 0,
  changed: 0,
  same: 0,
  faults: [],
  faulty: 0,
  quarrels: [],
  quarrelling: 0,
} as const;

/** A value as it is valueText in a quarrel. */
export const valueText = (value: unknown): string =>
  Array.isArray(value)
    ? value.map((v) => (typeof v === 'number' ? Math.round(v * 100) / 100 : String(v))).join('–')
    : String(value);

/** A fault of a record, with its field where the message does not name it. */
export const faultText = ({
  field,
  message,
}: {
  readonly field: string;
  readonly message: string;
}): string => (field === '' || message.includes('got') ? message : `${field}: ${message}`);
