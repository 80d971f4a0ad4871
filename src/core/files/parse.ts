import type * as z from 'zod';
import { inOurWords } from './inOurWords';

/** One thing wrong with data at a door: where, and what. */
export interface FileFault {
  /** Place in the file, e.g. `planting.container.shape.topCm`; empty for the file as a whole. */
  readonly field: string;
  readonly message: string;
}

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly FileFault[] };

/** Faults told at once; more of them would not be read. */
const MOST_FAULTS = 20;

/** Parses data at a door, with every fault named by its field and the value found there. */
export function parseWith<T>(schema: z.ZodType<T>, data: unknown): Parsed<T> {
  const result = safely(schema, data);
  if (result === null) return { ok: false, faults: [{ field: '', message: NO_SENSE }] };
  if (result.success) return { ok: true, value: result.data };
  return {
    ok: false,
    faults: result.error.issues.slice(0, MOST_FAULTS).map((issue) => ({
      field: fieldName(issue.path),
      message: withValue(issue.message, valueAt(data, issue.path)),
    })),
  };
}

const NO_SENSE = 'This cannot be read: some of it makes no sense together.';

/** A rule that stumbles over what it is given has not been met. */
function safely<T>(schema: z.ZodType<T>, data: unknown) {
  try {
    return schema.safeParse(data, { error: inOurWords });
  } catch {
    return null;
  }
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
  const said = message.replace(/; got (undefined|\[object Object\]|)\.?$/, '');
  return / got /.test(said) ? said : `${said.replace(/\.$/, '')}; got ${shown(value)}.`;
}

/** A value as a reader meets it, cut where it is long. */
export function shown(value: unknown): string {
  const text = value === undefined ? 'nothing' : (JSON.stringify(value) ?? typeof value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
