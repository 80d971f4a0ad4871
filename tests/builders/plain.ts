import { eligible } from '@/core/search/compose';
import type { Member } from '@/core/search/judge';
import { castOf } from '@/core/search/compose';
import { placeCast } from '@/core/search/place';
import { proposedIn } from '@/core/search/proposal';
import type { Ask } from '@/core/search/ask';
import { siteOf } from '@/core/search/judge';
import { schoolsFor } from '@/core/schools/index';
import { kindOf } from '@/core/plants/book/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { hash32 } from '@/core/random/hash';

/** Tries before an ask is given up. */
const TRIES = 30;

/**
 * A plain planting: kinds that may be planted there, drawn by lot for one of the casts of a school that suits, and placed. Hard limits
 * hold; nothing else was thought of.
 * @returns `null` when no lot drawn goes in
 */
export function plainPlanting(ask: Ask, lot: number): PlantingInSpot | null {
  const kinds = eligible(ask);
  const schools = schoolsFor(siteOf(ask), ask.wishes);
  for (let turn = 0; turn < TRIES; turn += 1) {
    const pick = <T>(list: readonly T[], at: number): T | undefined =>
      list[hash32(ask.seed, lot, turn, at) % Math.max(1, list.length)];
    const school = pick(schools, 1);
    const shape = school && pick(school.casts(siteOf(ask)), 2);
    if (!school || !shape) continue;
    const members: Member[] = [];
    shape.forEach((role, at) => {
      const kind = pick(
        kinds.filter(
          (one) =>
            one.roles.includes(role) &&
            school.allows(one, role) &&
            !members.some((member) => member.kind === one),
        ),
        at + 3,
      );
      if (kind) members.push({ kind, role });
    });
    if (members.length < shape.length) continue;
    const places = placeCast(castOf(school.id, members), ask);
    if (places) return proposedIn({ places, school: school.id }, ask, kindOf);
  }
  return null;
}
