import { colourName } from '@/core/colour/names';
import type { Scheme } from '@/core/colour/schemes';
import { rolesPlayed } from '@/core/checks/rolesPlayed';
import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { SupportForm } from '@/core/plantings/support';
import type { PlantKind, Role } from '@/core/plants/kind';
import { once } from '@/core/work/once';
import { list } from './remarks/teller';

export const SCHEME_NAMES: Readonly<Record<Scheme['kind'], string>> = {
  warm: 'Warm',
  cool: 'Cool',
  hot: 'Hot',
  pastel: 'Pastel',
  jewel: 'Jewel',
  'dark-and-lime': 'Dark and lime',
  'green-and-white': 'Green and white',
  'one-and-white': 'One colour and white',
  tonal: 'Shades of one',
  neighbours: 'Neighbours on the wheel',
  opposites: 'Opposite pair',
  triad: 'Three apart',
  loved: 'From a loved colour',
  named: 'Colours I name',
  palette: 'From a palette',
};

/** Things to climb. */
export const SUPPORT_NAMES: Readonly<
  Record<SupportForm, { readonly name: string; readonly one: string; readonly about: string }>
> = {
  obelisk: { name: 'Obelisk', one: 'an obelisk', about: 'four legs that meet in a ball' },
  wigwam: {
    name: 'Wigwam of canes',
    one: 'a wigwam of canes',
    about: 'canes tied near their tops',
  },
  trellis: { name: 'Fan trellis', one: 'a fan trellis', about: 'flat, for the back' },
};

/** A scheme in a few words: "violet with its opposite". */
export function schemeText(scheme: Scheme): string {
  switch (scheme.kind) {
    case 'one-and-white':
      return `${colourName(scheme.colour)} and white`;
    case 'tonal':
      return `shades of ${colourName(scheme.colour)}`;
    case 'neighbours':
      return `${colourName(scheme.colour)} and its neighbours`;
    case 'triad':
      return `${colourName(scheme.colour)} and the two a third of the wheel away`;
    case 'named':
      return list(scheme.colours.map(colourName));
    case 'palette':
      return `your palette of ${scheme.colours.length}`;
    case 'dark-and-lime':
      return 'dark leaves and lime';
    case 'green-and-white':
      return 'green and white';
    case 'opposites':
      return `${colourName(scheme.colour)} with its opposite`;
    case 'loved':
      return `colours built from ${colourName(scheme.colour)}`;
    default:
      return `${scheme.kind} colours`;
  }
}

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  lead: 'Lead',
  body: 'Body',
  edge: 'Edge',
};

/** One kind in a planting, with its letter. */
export interface Keyed {
  readonly kind: PlantKind;
  readonly letter: string;
  readonly role: Role;
  readonly count: number;
}

const ROLE_ORDER: Readonly<Record<Role, number>> = { lead: 0, body: 1, edge: 2 };

/** The kinds of a planting with their letters: lead first, then body, then edge. Every remark asks for them: worked out once. */
export const keyed = once(letter);

function letter(it: PlantingInSpot): readonly Keyed[] {
  const groups = new Map<string, { kind: PlantKind; role: Role; count: number }>();
  for (const { plant, role } of rolesPlayed(read(it))) {
    const group = groups.get(plant.kindId);
    if (group) group.count += 1;
    else groups.set(plant.kindId, { kind: plant.kind, role, count: 1 });
  }
  // What comes out of the sides is edge, unless the kind plays another part above.
  for (const { kindId, kind } of it.sides) {
    const group = groups.get(kindId);
    if (group) group.count += 1;
    else groups.set(kindId, { kind, role: 'edge', count: 1 });
  }
  return [...groups.values()]
    .sort((a, b) => ROLE_ORDER[a.role] - ROLE_ORDER[b.role])
    .map((group, i) => ({ ...group, letter: String.fromCharCode(65 + (i % 26)) }));
}

/** Words that keep their capital: of places, peoples, persons and feasts. */
const PROPER = new Set(
  `Abyssinian African American Boston California Californian Cape Carpathian Christmas Cupid English French Japanese Mediterranean Mexican
  Michaelmas Monterey Natal New October Oregon Persian Peruvian Russian Siberian Spanish Sutherland Swan Swedish Swiss Thai`.split(
    /\s+/,
  ),
);

/** "Bronze flax" within a sentence: "bronze flax". Names that start with a proper word keep their capital. */
export function inSentence(name: string): string {
  return PROPER.has(/^\p{L}*/u.exec(name)![0])
    ? name
    : name.charAt(0).toLowerCase() + name.slice(1);
}
