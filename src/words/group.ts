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

/** What is said of a group, what wants an answer first. */
export function groupLines(
  opinion: GroupOpinion,
  nameOf: (planting: string) => string,
  kindOf: (id: string) => PlantKind | null,
  units: Pick<Units, 'length'>,
): readonly GroupLine[] {
  const {
    tallestInside,
    tallestCm,
    tallest,
    repeated,
    potsApart,
    steps,
    colliding,
    unsteady,
    shared,
    apart,
  } = opinion;
  const lines: GroupLine[] = [
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
    tallestInside
      ? {
          right: true,
          says: `The tallest, ${nameOf(tallest)}, stands inside the group.`,
          because: `About ${lengthText(tallestCm, units)} to its tips.`,
        }
      : {
          right: false,
          says: `The tallest, ${nameOf(tallest)}, stands at an end.`,
          because:
            'A group reads as one when it rises toward the inside; move it between the others, or raise another.',
        },
    repeated.length > 0
      ? {
          right: true,
          says: `All have ${repeated.map((id) => inSentence(kindOf(id)?.common ?? id)).join(', ')}.`,
          because: 'Something repeated ties them together.',
        }
      : {
          right: false,
          says: 'Nothing is repeated in all of them.',
          because: 'One body or edge kind in each would tie them together.',
        },
    ...(shared
      ? [
          {
            right: true,
            says: `${capital(colourName(shared))} runs through all of them.`,
            because: 'A colour that comes again leads the eye from one to the next.',
          },
        ]
      : []),
    ...(apart
      ? [
          {
            right: false,
            says: `The ${colourName(apart.colour)} of ${nameOf(apart.planting)} stands by itself.`,
            because:
              'Nothing in the others is near it or opposite; repeat it in one of them, or choose again.',
          },
        ]
      : []),
    ...(!shared && !apart
      ? [
          {
            right: true,
            says: 'Their colours are kin or opposites.',
            because: 'None is in all of them, and none stands by itself.',
          },
        ]
      : []),
    potsApart <= ONE_FAMILY
      ? {
          right: true,
          says: 'The pots are of one family of colour.',
          because: 'They let the plants speak.',
        }
      : {
          right: false,
          says: 'The pots pull apart in colour.',
          because: 'Closer pot colours, or one plant colour in all, would hold them together.',
        },
    steps.some((step) => step >= STEP)
      ? {
          right: true,
          says: 'Heights step from one to the next.',
          because: 'The eye climbs and comes down again.',
        }
      : {
          right: false,
          says: 'All are about one height.',
          because: 'A stand under one, or a taller lead, would give the group a line.',
        },
  ];
  return lines.sort((a, b) => Number(a.right) - Number(b.right));
}
