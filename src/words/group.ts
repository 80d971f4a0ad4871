import { colourName } from '@/core/colour/names';
import { ONE_FAMILY, STEP, type GroupOpinion } from '@/core/checks/asOne';
import type { PlantKind } from '@/core/plants/kind';
import { capital, lengthText, type Units } from './format';
import { inSentence } from './names';

export interface GroupLine {
  readonly right: boolean;
  readonly says: string;
  readonly because: string;
}

/** How things of a group are named. */
interface Naming {
  readonly nameOf: (planting: string) => string;
  readonly kindOf: (id: string) => PlantKind | null;
  readonly units: Pick<Units, 'length'>;
}

/** What is said of a group, what wants an answer first. */
export function groupLines(
  opinion: GroupOpinion,
  nameOf: (planting: string) => string,
  kindOf: (id: string) => PlantKind | null,
  units: Pick<Units, 'length'>,
): readonly GroupLine[] {
  const naming = { nameOf, kindOf, units };
  const lines = [
    ...standingLines(opinion, naming),
    tallestLine(opinion, naming),
    repeatedLine(opinion, naming),
    ...colourLines(opinion, naming),
    potsLine(opinion),
    heightsLine(opinion),
  ];
  return [...lines.filter(({ right }) => !right), ...lines.filter(({ right }) => right)];
}

function standingLines({ colliding, unsteady }: GroupOpinion, { nameOf }: Naming): GroupLine[] {
  return [
    ...colliding.map(([a, b]): GroupLine => ({
      right: false,
      says: `${nameOf(a)} and ${nameOf(b)} stand into each other.`,
      because: 'Move one along, or set it farther back.',
    })),
    ...unsteady.map((id): GroupLine => ({
      right: false,
      says: `Caution: the stand under ${nameOf(id)} is higher than the pot.`,
      because: 'It may be knocked or blown over; use a broad, level stand made for the load.',
    })),
  ];
}

function tallestLine(
  { tallestInside, tallestCm, tallest }: GroupOpinion,
  { nameOf, units }: Naming,
): GroupLine {
  if (tallestInside)
    return {
      right: true,
      says: `The tallest, ${nameOf(tallest)}, stands inside the group.`,
      because: `About ${lengthText(tallestCm, units)} to its tips.`,
    };
  return {
    right: false,
    says: `The tallest, ${nameOf(tallest)}, stands at an end.`,
    because:
      'A group reads as one when it rises toward the inside; move it between the others, or raise another.',
  };
}

function repeatedLine({ repeated }: GroupOpinion, { kindOf }: Naming): GroupLine {
  if (repeated.length === 0)
    return {
      right: false,
      says: 'Nothing is repeated in all of them.',
      because: 'One body or edge kind in each would tie them together.',
    };
  const names = repeated.map((id) => inSentence(kindOf(id)?.common ?? id)).join(', ');
  return {
    right: true,
    says: `All have ${names}.`,
    because: 'Something repeated ties them together.',
  };
}

function colourLines({ shared, apart }: GroupOpinion, { nameOf }: Naming): GroupLine[] {
  const lines: GroupLine[] = [];
  if (shared)
    lines.push({
      right: true,
      says: `${capital(colourName(shared))} runs through all of them.`,
      because: 'A colour that comes again leads the eye from one to the next.',
    });
  if (apart)
    lines.push({
      right: false,
      says: `The ${colourName(apart.colour)} of ${nameOf(apart.planting)} stands by itself.`,
      because:
        'Nothing in the others is near it or opposite; repeat it in one of them, or choose again.',
    });
  if (lines.length === 0)
    lines.push({
      right: true,
      says: 'Their colours are kin or opposites.',
      because: 'None is in all of them, and none stands by itself.',
    });
  return lines;
}

function potsLine({ potsApart }: GroupOpinion): GroupLine {
  if (potsApart <= ONE_FAMILY)
    return {
      right: true,
      says: 'The pots are of one family of colour.',
      because: 'They let the plants speak.',
    };
  return {
    right: false,
    says: 'The pots pull apart in colour.',
    because: 'Closer pot colours, or one plant colour in all, would hold them together.',
  };
}

function heightsLine({ steps }: GroupOpinion): GroupLine {
  if (steps.some((step) => step >= STEP))
    return {
      right: true,
      says: 'Heights step from one to the next.',
      because: 'The eye climbs and comes down again.',
    };
  return {
    right: false,
    says: 'All are about one height.',
    because: 'A stand under one, or a taller lead, would give the group a line.',
  };
}
