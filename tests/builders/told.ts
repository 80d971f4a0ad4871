/** What the core tells of something, as goldens keep it: numbers to four figures, and nothing that is not there. */
export type Told =
  string | number | boolean | null | readonly Told[] | { readonly [name: string]: Told };

const FIGURES = 4;

export function toldOf(value: unknown): Told {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Number(value.toPrecision(FIGURES)) : String(value);
  if (value === undefined) return null;
  if (value === null || typeof value === 'string' || typeof value === 'boolean') return value;
  if (value instanceof Map || value instanceof Set) return toldOf([...value]);
  if (Array.isArray(value)) return value.map(toldOf);
  return Object.fromEntries(
    Object.entries(value as object)
      .filter(([, one]) => one !== undefined)
      .map(([name, one]) => [name, toldOf(one)]),
  );
}

/** Another engine may round a sine otherwise: so much a number may differ, as a share of itself. */
const MAY_MOVE = 0.002;
/** Of what is nearly nothing. */
const LEAST = 0.01;

/** Where one telling is not the other, in words: "[3].facts.litres: 2.1 → 2.4". */
export function movedTold(was: Told | undefined, is: Told | undefined, at = ''): readonly string[] {
  if (typeof was === 'number' && typeof is === 'number')
    return Math.abs(was - is) <= MAY_MOVE * Math.max(LEAST, Math.abs(was), Math.abs(is))
      ? []
      : [`${at}: ${was} → ${is}`];
  if (isParted(was) && isParted(is)) {
    const [a, b] = [Object.entries(was), Object.entries(is)];
    const names = new Set([...a, ...b].map(([name]) => name));
    return [...names].flatMap((name) =>
      movedTold(
        a.find(([one]) => one === name)?.[1],
        b.find(([one]) => one === name)?.[1],
        `${at}.${name}`,
      ),
    );
  }
  return was === is ? [] : [`${at}: ${JSON.stringify(was)} → ${JSON.stringify(is)}`];
}

const isParted = (
  told: Told | undefined,
): told is Exclude<Told, string | number | boolean | null> =>
  typeof told === 'object' && told !== null;
