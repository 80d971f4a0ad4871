import { isHung } from '../../containers/shape';
import type { Role } from '../../plants/kind';
import type { Reading } from '../reading';
import type { Check } from '../check';

export interface RolesFacts {
  readonly missing: readonly Role[];
  readonly leads: number;
  readonly bodies: number;
  readonly edges: number;
}

/** The role each plant plays here: its height against the rest and its place against the rim, within what its kind can do. */
export function rolesPlayed(reading: Pick<Reading, 'plants' | 'grown'>): readonly Role[] {
  const sizes = reading.grown();
  const tallest = Math.max(0, ...sizes.map((size) => size.heightCm));
  return reading.plants.map(({ kind }, i) => {
    if (kind.roles.length === 1) return kind.roles[0]!;
    if (kind.roles.includes('lead') && sizes[i]!.heightCm > tallest * 0.85) return 'lead';
    if (kind.roles.includes('edge') && (sizes[i]!.trailCm > 0 || !kind.roles.includes('body'))) return 'edge';
    return kind.roles.includes('body') ? 'body' : kind.roles[0]!;
  });
}

/** Has it a lead, a body and an edge? Hung containers do without a lead. */
export const roles: Check<'roles', RolesFacts> = {
  id: 'roles',
  weight: 1.2,
  certainty: 'a matter of taste',
  source: { kind: 'ours', reason: 'Thriller, filler, spiller: the default school. Domes, screens and single-kind pots leave roles out on purpose.' },
  limits: { trouble: 0, look: 0.75 },
  judge: (reading) => {
    if (reading.plants.length < 3) return null;
    const played = rolesPlayed(reading);
    const count = (role: Role) => played.filter((r) => r === role).length;
    const wanted: Role[] = isHung(reading.planting.container.shape) ? ['body', 'edge'] : ['lead', 'body', 'edge'];
    const missing = wanted.filter((role) => count(role) === 0 && !(role === 'body' && count('lead') > 2));
    return { score: 1 - missing.length / wanted.length, facts: { missing, leads: count('lead'), bodies: count('body'), edges: count('edge') }, culprits: [] };
  },
};
