import { lookApart } from '../colour/ciede2000';
import { isDark, isLime, isWhite } from '../colour/sorts';
import type { Oklch } from '../colour/oklch';
import { ROLES, type PlantKind, type Role } from './kind';

export const LIGHT_CLASSES = { sun: 7, 'half shade': 4, shade: 1.5 } as const;
export type LightClass = keyof typeof LIGHT_CLASSES;
export const COLOUR_CLASSES = ['warm', 'cool', 'white', 'lime', 'dark'] as const;
export type ColourClass = (typeof COLOUR_CLASSES)[number];

/** Kinds by role, light class and colour class. */
export type Coverage = Readonly<
  Record<Role, Readonly<Record<LightClass, Readonly<Record<ColourClass, readonly string[]>>>>>
>;

const SILVER: Oklch = [0.81, 0.026, 165];

/** Classes a kind's leaf and flower belong to; plain green belongs to none. */
export function colourClassesOf({ foliage, bloom }: PlantKind): ReadonlySet<ColourClass> {
  const classes = new Set<ColourClass>();
  const leaf = [
    foliage.main,
    ...(foliage.second && foliage.pattern !== 'zone' ? [foliage.second] : []),
  ];
  for (const colour of leaf) {
    const [L, C, h] = colour;
    if (isLime(colour) || (L > 0.72 && C > 0.1 && h > 95 && h < 130)) classes.add('lime');
    else if (isDark(colour) && !(h > 100 && h < 175 && C > 0.05)) classes.add('dark');
    else if (isWhite(colour) || lookApart(colour, SILVER) < 12 || (L > 0.85 && C < 0.09))
      classes.add('white');
    else if (C > 0.07 && (h < 95 || h > 335)) classes.add('warm');
    else if (h > 175 && h < 335 && C > 0.035) classes.add('cool');
  }
  for (const colour of bloom && bloom.cover >= 0.1
    ? [bloom.main, ...(bloom.second ? [bloom.second] : [])]
    : []) {
    const [, C, h] = colour;
    if (isWhite(colour) || (colour[0] > 0.9 && C < 0.07)) classes.add('white');
    else if (isDark(colour)) classes.add('dark');
    else if (isLime(colour) || (h >= 105 && h < 150)) classes.add('lime');
    else classes.add(h < 110 || h >= 352 ? 'warm' : 'cool');
  }
  return classes;
}

/** Which kinds there are for each role, light and colour. */
export function coverageOf(kinds: readonly PlantKind[]): Coverage {
  const of = <K extends string, T>(keys: readonly K[], make: (key: K) => T) =>
    Object.fromEntries(keys.map((key) => [key, make(key)])) as Readonly<Record<K, T>>;
  return of(ROLES, (role) =>
    of(Object.keys(LIGHT_CLASSES) as LightClass[], (light) =>
      of(COLOUR_CLASSES, (colour) =>
        kinds
          .filter(
            (kind) =>
              kind.roles.includes(role) &&
              kind.light.hours[0] <= LIGHT_CLASSES[light] &&
              kind.light.hours[1] >= LIGHT_CLASSES[light] &&
              colourClassesOf(kind).has(colour),
          )
          .map(({ id }) => id),
      ),
    ),
  );
}

/** The table of docs/plant-coverage.md. */
export function coverageTable(kinds: readonly PlantKind[]): string {
  const coverage = coverageOf(kinds);
  const rows = ROLES.flatMap((role) =>
    (Object.keys(LIGHT_CLASSES) as LightClass[]).map(
      (light) =>
        `| ${role} | ${light} | ${COLOUR_CLASSES.map((colour) => coverage[role][light][colour].length).join(' | ')} |`,
    ),
  );
  return `# What the plant book covers

Kinds by role, light and colour of leaf or flower; a kind may count in several columns, and plain green counts in none. Written by \`npm run schema\` from the book; a test keeps every cell at five or more and this table true.

| role | light | ${COLOUR_CLASSES.join(' | ')} |
| --- | --- | ${COLOUR_CLASSES.map(() => '--- |').join(' ')}
${rows.join('\n')}

${kinds.length} kinds. Sun stands for 7 hours of direct sun a day at midsummer, half shade for 4, shade for 1.5.
`;
}
