import type { Role } from '../../plants/kind';
import { isOfSmallThings } from '../../suitability/season';
import type { Check } from '../check';
import { rolesPlayed } from '../rolesPlayed';

export interface RolesFacts {
  readonly missing: readonly Role[];
  readonly leads: number;
  readonly bodies: number;
  readonly edges: number;
  /** The role whose share of the plants is furthest from what the school keeps to; `null` when all keep to it. */
  readonly off: {
    readonly role: Role;
    readonly share: number;
    readonly wanted: readonly [number, number];
  } | null;
}

/** Autumn to spring a pot may do without a lead or an edge: what a missing part counts then. Ours. */
const COOL_MISSING = 0.6;
/** And the most that shares which are off count then. Ours. */
const COOL_OFF = 0.1;

/** Does it have the parts its school composes with, in the shares it keeps to? */
export const roles: Check<'roles', RolesFacts> = {
  id: 'roles',
  weight: 1.2,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason: 'Each school names its parts and their shares of the plants, counted.',
  },
  limits: { trouble: 0, look: 0.7 },
  judge: (reading) => {
    if (reading.plants.length < 3) return null;
    const played = rolesPlayed(reading);
    const count = (wanted: Role) => played.filter(({ role }) => role === wanted).length;
    const parts = reading.school.parts({
      container: reading.planting.container,
      spot: reading.spot,
      house: reading.house,
    });
    // A planting of leads alone is filled by them.
    const missing = parts
      .map(({ role }) => role)
      .filter((role) => count(role) === 0 && !(role === 'body' && count('lead') > 2));
    const cool = isOfSmallThings({ ...reading.planting, spot: reading.spot });
    let off: RolesFacts['off'] = null;
    let worst = 0;
    for (const { role, share: wanted } of parts) {
      const share = count(role) / played.length;
      const by = Math.max(wanted[0] - share, share - wanted[1], 0);
      if (count(role) > 0 && by > Math.max(worst, 0.5 / played.length))
        [worst, off] = [by, { role, share, wanted }];
    }
    return {
      score: Math.max(
        0,
        1 -
          ((cool ? COOL_MISSING : 1) * missing.length) / Math.max(1, parts.length) -
          Math.min(cool ? COOL_OFF : 0.3, worst),
      ),
      facts: { missing, leads: count('lead'), bodies: count('body'), edges: count('edge'), off },
      culprits: [],
    };
  },
};
