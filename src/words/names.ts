import type { Oklch } from '@/core/colour/oklch';
import { isDark, isLime, isWhite } from '@/core/colour/schemes';
import type { Scheme } from '@/core/colour/schemes';
import { rolesPlayed } from '@/core/checks/rules/roles';
import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { PlantKind, Role } from '@/core/plants/kind';

/** A colour in a gardener's word. */
export function colourName([L, C, h]: Oklch): string {
  if (isWhite([L, C, h])) return 'white';
  if (C < 0.04) return L > 0.75 ? 'silver' : L > 0.45 ? 'grey' : 'near-black';
  if (L < 0.3) return 'near-black';
  if (isLime([L, C, h])) return 'lime';
  if (h < 15 || h >= 345) return L > 0.72 ? 'pink' : isDark([L, C, h]) ? 'plum' : C > 0.2 ? 'magenta' : 'rose';
  if (h < 35) return L > 0.66 ? 'coral' : L < 0.45 ? 'wine' : C > 0.15 ? 'red' : 'brick';
  if (h < 62) return L > 0.78 ? 'peach' : L < 0.58 ? 'rust' : 'orange';
  if (h < 90) return L > 0.78 ? 'gold' : L < 0.55 ? 'bronze' : 'amber';
  if (h < 112) return L > 0.9 ? 'cream' : 'yellow';
  if (h < 172) return L > 0.7 ? 'pale green' : L < 0.48 ? 'deep green' : 'green';
  if (h < 225) return L > 0.6 ? 'blue-grey' : 'teal';
  if (h < 275) return L > 0.68 ? 'sky blue' : 'blue';
  if (h < 318) return L > 0.64 ? 'lavender' : L < 0.4 ? 'deep purple' : 'violet';
  return L > 0.66 ? 'lilac' : L < 0.42 ? 'plum' : 'purple';
}

export const SCHEME_NAMES: Readonly<Record<Scheme['kind'], string>> = {
  warm: 'Warm',
  cool: 'Cool',
  hot: 'Hot',
  pastel: 'Pastel',
  'one-and-white': 'One colour and white',
  opposites: 'Opposite pair',
  loved: 'From a loved colour',
};

/** A scheme in a few words: "violet with its opposite". */
export function schemeText(scheme: Scheme): string {
  switch (scheme.kind) {
    case 'one-and-white':
      return `${colourName(scheme.colour)} and white`;
    case 'opposites':
      return `${colourName(scheme.colour)} with its opposite`;
    case 'loved':
      return `built from ${colourName(scheme.colour)}`;
    default:
      return `${scheme.kind} colours`;
  }
}

export const ROLE_NAMES: Readonly<Record<Role, string>> = { lead: 'Lead', body: 'Body', edge: 'Edge' };

/** One kind in a planting, with its letter. */
export interface Keyed {
  readonly kind: PlantKind;
  readonly letter: string;
  readonly role: Role;
  readonly count: number;
}

const ROLE_ORDER: Readonly<Record<Role, number>> = { lead: 0, body: 1, edge: 2 };

/** The kinds of a planting with their letters: lead first, then body, then edge. */
export function keyed(it: PlantingInSpot): readonly Keyed[] {
  const played = rolesPlayed(read(it));
  const groups = new Map<string, { kind: PlantKind; role: Role; count: number }>();
  it.plants.forEach((plant, i) => {
    const group = groups.get(plant.kindId);
    if (group) group.count += 1;
    else groups.set(plant.kindId, { kind: plant.kind, role: played[i]!, count: 1 });
  });
  return [...groups.values()].sort((a, b) => ROLE_ORDER[a.role] - ROLE_ORDER[b.role]).map((group, i) => ({ ...group, letter: String.fromCharCode(65 + (i % 26)) }));
}

/** "Bronze flax" within a sentence: "bronze flax". Names that start with a proper word keep their capital. */
export function inSentence(name: string): string {
  return /^(Cape|African|French|Swedish|Swan|Mexican|Boston|Japanese|New|Persian|Abyssinian)\b/.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
