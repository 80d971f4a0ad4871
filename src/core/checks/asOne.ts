import { lookApart } from '../colour/ciede2000';
import { deltaE, hueGapDeg, type Oklch } from '../colour/oklch';
import { isGround } from '../colour/sorts';
import { visibleHeightCm, type Container } from '../containers/container';
import { halfFrontCm, isHung } from '../containers/shape';
import { coloursOf } from '../plants/colours';
import { middle, type KindId, type PlantKind } from '../plants/kind';
import type { Gathering } from '../plantings/gathering';
import type { Place, PlantingInSpot } from '../plantings/planting';

/** What is said of several containers seen as one. */
interface GroupReading {
  readonly score: number;
  /** Does the tallest stand inside, not at an end? */
  readonly tallestInside: boolean;
  readonly tallestCm: number;
  /** Kinds that every container has. */
  readonly repeated: readonly KindId[];
  /** OKLab distance of the two pot colours furthest apart, and of the nearest two that are not the same. */
  readonly potsApart: number;
  /** Steps of height from one to the next, as shares of the tallest: none is a hedge. */
  readonly steps: readonly number[];
}

/** A step in height that is seen, as a share of the tallest. Ours. */
export const STEP = 0.15;
/** Pot colours nearer than this are one family; much further apart each pulls its own way. Ours. */
export const ONE_FAMILY = 0.12;
const AT_ODDS = 0.35;

/** Joint remarks on containers that stand together, in the order of their line. */
export function readGroup(
  members: readonly {
    readonly container: Container;
    readonly places: readonly Pick<Place, 'kindId'>[];
    readonly raisedCm?: number;
  }[],
  kindOf: (id: KindId) => PlantKind | null,
): GroupReading | null {
  if (members.length < 2) return null;
  const tops = members.map(
    ({ container, places, raisedCm = 0 }) =>
      raisedCm +
      (isHung(container.shape) ? 0 : visibleHeightCm(container)) +
      Math.max(
        0,
        ...places.map(({ kindId }) => {
          const kind = kindOf(kindId);
          return kind ? middle(kind.heightCm) : 0;
        }),
      ),
  );
  const tallestCm = Math.max(...tops);
  const at = tops.indexOf(tallestCm);
  const tallestInside = members.length < 3 || (at > 0 && at < members.length - 1);
  const repeated = [...new Set(members[0]!.places.map(({ kindId }) => kindId))].filter((id) =>
    members.every(({ places }) => places.some(({ kindId }) => kindId === id)),
  );
  let potsApart = 0;
  members.forEach((a, i) =>
    members
      .slice(i + 1)
      .forEach(
        (b) => (potsApart = Math.max(potsApart, deltaE(a.container.colour, b.container.colour))),
      ),
  );
  const steps = tops.slice(1).map((top, i) => Math.abs(top - tops[i]!) / tallestCm);
  const stepped = steps.filter((step) => step >= STEP).length / steps.length;
  const pots =
    potsApart <= ONE_FAMILY ? 1 : Math.max(0.3, 1 - Math.max(0, potsApart - ONE_FAMILY) / AT_ODDS);
  return {
    score:
      0.3 * (tallestInside ? 1 : 0.4) +
      0.3 * (repeated.length > 0 ? 1 : 0.2) +
      0.2 * pots +
      0.2 * stepped,
    tallestInside,
    tallestCm,
    repeated,
    potsApart,
    steps,
  };
}

/** A container of a group as it stands: its planting and its place. */
export interface GroupStanding {
  readonly it: PlantingInSpot;
  readonly member: Gathering['members'][number];
}

/** What a group says as one, and which of its containers stand into each other. */
export interface GroupOpinion extends GroupReading {
  /** Pairs whose walls meet, by planting ids. */
  readonly colliding: readonly (readonly [string, string])[];
  /** Planting that is tallest, stand and all. */
  readonly tallest: string;
  /** One whose stand is higher than it is itself: it may be knocked over. */
  readonly unsteady: readonly string[];
  /** A flower or leaf colour that all carry, the strongest; `null` when there is none. */
  readonly shared: Oklch | null;
  /** Planting whose strongest colour is neither near nor opposite to any of the others', with that colour. */
  readonly apart: { readonly planting: string; readonly colour: Oklch } | null;
}

/** Share of all that a container shows from which a colour is heard: a throat is not. Ours. */
const HEARD = 0.06;
/** CIEDE2000 distance within which two colours are one to the eye from a few steps away; hues that near are kin, that far opposite, degrees. Ours. */
const SAME_COLOUR = 16;
const KIN_DEG = 38;
const OPPOSITE_DEG = 135;

/** The colours that are heard in a container, strongest first, by what each of its plants may come to cover. */
function voicesOf({ plants }: PlantingInSpot): readonly Oklch[] {
  const shown = plants.flatMap(({ kind }) =>
    coloursOf(kind).map(({ colour, weight }) => ({
      colour,
      weight: weight * middle(kind.spreadCm) ** 2,
    })),
  );
  const all = shown.reduce((sum, { weight }) => sum + weight, 0);
  const parts = shown.filter(({ colour }) => !isGround(colour));
  const heard: { colour: Oklch; weight: number }[] = [];
  for (const part of [...parts].sort((a, b) => b.weight - a.weight)) {
    const same = heard.find(({ colour }) => lookApart(colour, part.colour) <= SAME_COLOUR);
    if (same) same.weight += part.weight;
    else heard.push({ ...part });
  }
  return heard
    .filter(({ weight }) => weight >= all * HEARD)
    .sort((a, b) => b.weight - a.weight)
    .map(({ colour }) => colour);
}

/** What the plants' colours do across a group. */
function coloursTogether(line: readonly GroupStanding[]): Pick<GroupOpinion, 'shared' | 'apart'> {
  const voices = line.map(({ it }) => voicesOf(it));
  const shared =
    voices[0]!.find((colour) =>
      voices.every((others) => others.some((other) => lookApart(colour, other) <= SAME_COLOUR)),
    ) ?? null;
  const apart = line.findIndex((_, i) => {
    const [own] = voices[i]!;
    const others = voices.filter((_, j) => j !== i).flat();
    return (
      own &&
      others.length > 0 &&
      others.every((other) => {
        const gap = hueGapDeg(own[2], other[2]);
        return gap > KIN_DEG && gap < OPPOSITE_DEG;
      })
    );
  });
  return {
    shared,
    apart:
      shared || apart < 0
        ? null
        : { planting: line[apart]!.it.planting.id, colour: voices[apart]![0]! },
  };
}

/** Joint judgement of containers that stand together, left to right. `null` for fewer than two. */
export function groupOpinion(standing: readonly GroupStanding[]): GroupOpinion | null {
  const line = [...standing].sort((a, b) => a.member.atCm - b.member.atCm);
  const kinds = new Map(
    line.flatMap(({ it }) => it.plants.map(({ kind }) => [kind.id, kind] as const)),
  );
  const reading = readGroup(
    line.map(({ it, member }) => ({
      container: it.planting.container,
      places: it.plants,
      raisedCm: member.raisedCm,
    })),
    (id) => kinds.get(id) ?? null,
  );
  if (!reading) return null;
  const half = (one: GroupStanding) => halfFrontCm(one.it.planting.container.shape);
  const colliding = line.flatMap((one, i) =>
    line
      .slice(i + 1)
      .filter(
        (other) =>
          Math.hypot(one.member.atCm - other.member.atCm, one.member.backCm - other.member.backCm) <
          (half(one) + half(other)) * 0.98,
      )
      .map((other) => [one.it.planting.id, other.it.planting.id] as const),
  );
  const tops = line.map(
    ({ it, member }) =>
      member.raisedCm +
      visibleHeightCm(it.planting.container) +
      Math.max(0, ...it.plants.map(({ kind }) => middle(kind.heightCm))),
  );
  return {
    ...reading,
    ...coloursTogether(line),
    colliding,
    tallest: line[tops.indexOf(Math.max(...tops))]!.it.planting.id,
    unsteady: line
      .filter(({ it, member }) => member.raisedCm > visibleHeightCm(it.planting.container))
      .map(({ it }) => it.planting.id),
  };
}
