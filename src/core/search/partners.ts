import { lookApart } from '../colour/ciede2000';
import type { Oklch } from '../colour/oklch';
import { leadingColour } from '../plants/colours';
import { mainRole, middle, type PlantKind, type Role } from '../plants/kind';
import { sharedWeeks } from '../plants/season';
import { overruns } from '../suitability/vigour';
import { shareWatering, thirstMatch } from '../suitability/watering';

/** A kind that goes with another, and why. */
export type Partner =
  | {
      readonly kind: PlantKind;
      readonly why: 'echo';
      /** Part whose colour is taken up. */ readonly part:
        'vein' | 'stem' | 'underside' | 'throat' | 'edge';
      readonly colour: Oklch;
    }
  | { readonly kind: PlantKind; readonly why: 'sets off'; readonly colour: Oklch };

/** CIEDE2000 within which one plant's colour takes up another's. */
const ECHO = 11;
/** Beyond which one colour sets off another. */
const SETS_OFF = 38;

/** Weeks two kinds must stand in leaf together to make a pair. */
const LEAST_TOGETHER = 8;

/** Do two kinds share light, watering and a season? */
export function shareAPot(a: PlantKind, b: PlantKind): boolean {
  const from = Math.max(a.light.hours[0], b.light.hours[0]);
  const to = Math.min(a.light.hours[1], b.light.hours[1]);
  return to - from >= 1 && shareWatering(a, b) && sharedWeeks(a.inLeaf, b.inLeaf) >= LEAST_TOGETHER;
}

/** Minor colours of a kind, which a neighbour may take up. */
function minorColours({
  foliage,
  bloom,
}: PlantKind): readonly (readonly [Extract<Partner, { why: 'echo' }>['part'], Oklch])[] {
  const list: readonly (readonly [
    Extract<Partner, { why: 'echo' }>['part'],
    Oklch | null | undefined,
  ])[] = [
    ['vein', foliage.vein],
    ['underside', foliage.under],
    ['throat', bloom?.eye],
    ['edge', foliage.pattern === 'plain' ? null : foliage.second],
    [
      'stem',
      foliage.stem[1] > 0.07 && (foliage.stem[2] < 60 || foliage.stem[2] > 300)
        ? foliage.stem
        : null,
    ],
  ];
  return list.filter(
    (entry): entry is readonly [Extract<Partner, { why: 'echo' }>['part'], Oklch] =>
      Boolean(entry[1]),
  );
}

/**
 * Kinds that take up a minor colour of this one, and kinds that set it off by colour and leaf; each shares its light and watering and plays
 * another role.
 */
export function partnersOf(
  kind: PlantKind,
  kinds: readonly PlantKind[],
  count = 4,
): { readonly echoes: readonly Partner[]; readonly contrasts: readonly Partner[] } {
  const minor = minorColours(kind);
  const own = leadingColour(kind);
  const echoes: { partner: Partner; rank: number }[] = [];
  const contrasts: { partner: Partner; rank: number }[] = [];
  for (const other of kinds) {
    if (other.botanical === kind.botanical || !shareAPot(kind, other) || overruns(other, kind))
      continue;
    const otherRole = other.roles[0] !== kind.roles[0] ? 0 : 6;
    const leading = leadingColour(other);
    for (const [part, colour] of minor) {
      const gap = lookApart(colour, leading);
      if (gap <= ECHO)
        echoes.push({ partner: { kind: other, why: 'echo', part, colour }, rank: gap + otherRole });
    }
    const gap = lookApart(own, leading);
    if (gap >= SETS_OFF && other.foliage.texture !== kind.foliage.texture)
      contrasts.push({
        partner: { kind: other, why: 'sets off', colour: leading },
        rank: otherRole * 4 - gap,
      });
  }
  const best = (list: readonly { partner: Partner; rank: number }[]) => {
    const seen = new Set<string>();
    return [...list]
      .sort((a, b) => a.rank - b.rank)
      .filter(
        ({ partner }) => !seen.has(partner.kind.botanical) && seen.add(partner.kind.botanical),
      )
      .slice(0, count)
      .map(({ partner }) => partner);
  };
  return { echoes: best(echoes), contrasts: best(contrasts) };
}

/** How unlike two kinds are as stand-ins: role, habit, size, trail, light, water and leading colour. 0 is the same. */
export function unlike(a: PlantKind, b: PlantKind): number {
  const role: Role = mainRole(a);
  return (
    (b.roles.includes(role) ? 0 : 3) +
    (a.habit === b.habit ? 0 : 1) +
    (a.foliage.texture === b.foliage.texture ? 0 : 0.6) +
    ((a.trailCm === null) === (b.trailCm === null) ? 0 : 1.5) +
    Math.abs(Math.log(middle(a.heightCm) / middle(b.heightCm))) * 1.6 +
    Math.abs(Math.log(middle(a.spreadCm) / middle(b.spreadCm))) * 1.2 +
    Math.abs(middle(a.light.hours) - middle(b.light.hours)) / 2.5 +
    (1 - thirstMatch(a, b)) * 3 +
    lookApart(leadingColour(a), leadingColour(b)) / 14
  );
}

/** Kinds nearest to this one, to take when it is not to be had. */
export function standInsLike(
  kind: PlantKind,
  kinds: readonly PlantKind[],
  count = 4,
): readonly PlantKind[] {
  return kinds
    .filter((other) => other.id !== kind.id)
    .map((other) => [unlike(kind, other), other] as const)
    .sort(([a], [b]) => a - b)
    .slice(0, count)
    .map(([, other]) => other);
}

/** Kinds that would share its pot but overrun it, the worst first. */
export function bulliesOf(
  kind: PlantKind,
  kinds: readonly PlantKind[],
  count = 4,
): readonly PlantKind[] {
  return kinds
    .filter((other) => overruns(other, kind) && shareAPot(kind, other))
    .sort((a, b) => b.vigour - a.vigour || middle(b.spreadCm) - middle(a.spreadCm))
    .slice(0, count);
}
