import { schoolOf } from '@/core/schools/index';
import { weekAfter } from '@/core/units/units';
import { capital, countText, dateText, lengthText } from '../format';
import { COMPANY_NAMES } from '../kinds';
import { ROLE_NAMES } from '../names';
import { SCHOOL_NAMES } from '../schools';
import { list, type WordsFor } from './teller';

/** How it is composed: roles, places, balance, what is seen of it. */
export const COMPOSING: WordsFor<
  | 'roles'
  | 'lead-place'
  | 'edge-place'
  | 'balance'
  | 'evenness'
  | 'pairs'
  | 'fullness'
  | 'trail-length'
  | 'silhouette'
  | 'sightline'
  | 'frame'
  | 'interest'
  | 'bully'
  | 'company'
> = {
  roles: (f, t) =>
    f.missing.length === 0
      ? f.off && !t.right
        ? {
            says: `${ROLE_NAMES[f.off.role]} plants are ${Math.round(f.off.share * 100)}% of the planting.`,
            because: `${SCHOOL_NAMES[schoolOf(t.it.planting).id]} keeps to ${Math.round(f.off.wanted[0] * 100)}–${Math.round(f.off.wanted[1] * 100)}%, by count.`,
          }
        : {
            says: `It has the parts of its school: ${SCHOOL_NAMES[schoolOf(t.it.planting).id].toLowerCase()}.`,
            because: `${countText(f.leads, 'lead')}, ${f.bodies} in the body, ${f.edges} at the edge.`,
          }
      : {
          says: `No ${list(f.missing.map((role) => (role === 'lead' ? 'lead to give it height' : role === 'body' ? 'body to fill the middle' : 'edge to soften the rim')))}.`,
          because: `${ROLE_NAMES.lead} ${f.leads}, body ${f.bodies}, edge ${f.edges}. Domes and single-kind pots do without on purpose.`,
        },
  'lead-place': (f, t) =>
    t.right
      ? {
          says: `${capital(t.name(f.kind))} stands where a lead should.`,
          because:
            f.view === 'one side'
              ? 'Behind the rest, hiding nothing.'
              : 'Inside the others, good from every side.',
        }
      : {
          says:
            f.view === 'one side'
              ? `The lead, ${t.name(f.kind)}, stands before others though this is seen from one side.`
              : `The lead, ${t.name(f.kind)}, stands off to one side though this is seen all round.`,
          because:
            f.view === 'one side'
              ? 'Tall at the back hides nothing.'
              : 'In the middle, or a third of the way over, it is good from every side.',
        },
  'edge-place': (f, t) =>
    t.right
      ? {
          says: 'What trails stands at the rim.',
          because: `The furthest in is ${t.name(f.kind)}, ${lengthText(f.fromRimCm, t.units)} from it.`,
        }
      : {
          says: `${capital(t.name(f.kind))} trails but stands ${lengthText(f.fromRimCm, t.units)} from the rim${t.it.spot.view === 'one side' ? ' that is seen' : ''}.`,
          because:
            'It will climb over its neighbours before it reaches the edge, or hang where nobody looks.',
        },
  balance: (f, t) =>
    t.right
      ? {
          says: 'Balanced from side to side, and the rim is dressed.',
          because: leanText(f.lean),
        }
      : f.bareRim > 0.34 && f.bareRim - 0.34 > Math.abs(f.lean) - 0.1
        ? {
            says: `About ${Math.round(f.bareRim * 100)}% of the rim in view stays bare in one stretch.`,
            because: 'A bare side draws the eye; move an edge plant into it.',
          }
        : Math.abs(f.edgeLean) > 0.3 && Math.abs(f.edgeLean) > Math.abs(f.lean)
          ? {
              says: `Most of what softens the rim is on the ${f.edgeLean < 0 ? 'left' : 'right'}.`,
              because: 'The other side of the rim looks unfinished; move one over.',
            }
          : f.colourLean > 0.1 && f.colourLean > Math.abs(f.lean) / 2
            ? {
                says: 'One side is of one colour, the other of another.',
                because:
                  'A colour on both sides holds a planting together; change two plants over.',
              }
            : {
                says: `It leans to the ${f.lean < 0 ? 'left' : 'right'}.`,
                because: `The middle of its mass is ${Math.round(Math.abs(f.lean) * 100)}% of the half width off.`,
              },
  evenness: (f, t) =>
    t.right
      ? {
          says: 'Levels are even.',
          because: `The middle height is ${lengthText(f.middleCm, t.units)}.`,
        }
      : {
          says: `${capital(t.name(f.kind))} sticks out of the dome.`,
          because: `It grows to ${lengthText(f.heightCm, t.units)}; the others stand about ${lengthText(f.middleCm, t.units)}.`,
        },
  pairs: (f, t) =>
    t.right
      ? { says: 'What is a pair matches.', because: 'Mirrored, or across from each other.' }
      : f.fault === 'sizes'
        ? {
            says: `The pair of ${t.name(f.kind)} is planted from two sizes of pot.`,
            because: 'One stays ahead of the other all season; the eye hunts for the difference.',
          }
        : {
            says: `The pair of ${t.name(f.kind)} is not quite matched.`,
            because: `One is ${lengthText(f.offCm, t.units)} off its mirror place: plainly off, or exact, looks meant.`,
          },
  fullness: (f) =>
    f.fullWeek === null
      ? {
          says: 'The mix never quite disappears this season.',
          because: `About ${Math.round(f.coverThen * 100)}% is hidden in week ${f.wishedWeek} after planting.`,
        }
      : f.fullWeek <= f.wishedWeek
        ? {
            says: `Full in about ${countText(f.fullWeek, 'week')}.`,
            because: `You wished for ${f.wishedWeek}.`,
          }
        : {
            says: `Full in about ${countText(f.fullWeek, 'week')}, later than the ${f.wishedWeek} you wished.`,
            because: `In week ${f.wishedWeek} about ${Math.round(f.coverThen * 100)}% of the mix is hidden. Larger plants or one more would help.`,
          },
  'trail-length': (f, t) =>
    t.right
      ? {
          says:
            f.trailCm > f.dropCm
              ? 'Trailing stems end about where they may.'
              : 'Trailing stems end above the ground.',
          because: `The longest grows to about ${lengthText(f.trailCm, t.units)}; there are ${lengthText(f.dropCm, t.units)}.${f.trailCm > f.dropCm ? ' A little more does no harm.' : ''}`,
        }
      : {
          says: `${capital(t.name(f.kind))} trails about ${lengthText(f.trailCm, t.units)}; there are ${lengthText(f.dropCm, t.units)}.`,
          because: 'It will lie on the ground or meet heads unless it is pinched.',
        },
  silhouette: (f, t) =>
    t.right
      ? {
          says: 'The outline steps from tall to low.',
          because: `${lengthText(f.tallestCm, t.units)}, ${lengthText(f.middleCm, t.units)}, ${lengthText(f.lowestCm, t.units)}.`,
        }
      : {
          says: 'All of nearly one height.',
          because: `${lengthText(f.tallestCm, t.units)}, ${lengthText(f.middleCm, t.units)} and ${lengthText(f.lowestCm, t.units)} grown: no outline to follow. Even domes do so on purpose.`,
        },
  sightline: (f, t) =>
    t.right
      ? {
          says: `Tall enough to be seen from ${f.eye.toLowerCase()}.`,
          because: `Over the sill, what is above ${lengthText(f.leastCm, t.units)} shows; ${f.shown} of ${countText(f.plants, 'plant')} do.`,
        }
      : {
          says: `From ${f.eye.toLowerCase()} only what is over ${lengthText(f.leastCm, t.units)} shows; the tallest here is ${lengthText(f.tallestCm, t.units)}.`,
          because: `${f.shown} of ${countText(f.plants, 'plant')} clear the sill. Taller kinds, or a stand under the container.`,
        },
  frame: (f, t) =>
    t.right
      ? {
          says: 'The frame stands all winter.',
          because: `${f.kept} of ${countText(f.plants, 'plant')} keep their leaves and stay out.`,
        }
      : {
          says: `Only ${f.kept} of ${countText(f.plants, 'plant')} stand through winter.`,
          because:
            'An evergreen frame wants about a third of its plants to keep their leaves and stay out.',
        },
  interest: (f, t) =>
    f.dull === null || t.right
      ? {
          says: 'Something to look at all season.',
          because: f.dull
            ? `Quietest about ${dateText(f.calendar![0])}.`
            : 'Flowers or leaves worth seeing in every week.',
        }
      : {
          says: `Little to look at from about ${dateText(f.calendar![0])} to ${dateText(f.calendar![1])}.`,
          because: `${countText(f.dull[1] - f.dull[0] + 1, 'week')} in which flowers are over or not yet out and the leaves are plain.`,
        },
  bully: (f, t) =>
    f === null || t.right
      ? {
          says: 'Nobody swallows a neighbour.',
          because: 'No strong grower covers half of a weaker one this season.',
        }
      : {
          says: `${capital(t.name(f.bully))} begins to swallow ${t.name(f.victim)} about ${dateText(f.calendarWeek)}.`,
          because: `It spreads to ${lengthText(f.bullySpreadCm, t.units)}, ${lengthText(f.gapCm, t.units)} away; the other stays ${lengthText(f.victimHeightCm, t.units)} tall. Trim it by about ${dateText(weekAfter(t.it.planting.plantedWeek, Math.max(1, f.weeks - 1)))}.`,
        },
  company: (f, t) =>
    t.right || f.stranger === null
      ? {
          says: 'These are plants that people grow together.',
          because: `At home: ${COMPANY_NAMES[f.company].toLowerCase()}.`,
        }
      : {
          says: `${capital(t.name(f.stranger))} is a stranger among the others.`,
          because: `Most of them are ${COMPANY_NAMES[f.company].toLowerCase()}; it is seldom grown with those.`,
        },
};

/** To which side the weight of a planting leans, and how far. */
function leanText(lean: number): string {
  const percent = Math.round(Math.abs(lean) * 100);
  return percent === 0
    ? 'Weight leans to neither side.'
    : `Weight leans ${percent}% ${lean < 0 ? 'left' : 'right'}.`;
}
