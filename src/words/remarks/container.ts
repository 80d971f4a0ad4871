import type { FactsOf } from '@/core/checks/rules/index';
import { endsAbove } from '@/core/suitability/proportion';
import { NEAR } from '@/core/checks/rules/weight';
import { capital, countText, lengthText, weightText } from '../format';
import { list, type Sentence, type Teller, type WordsFor } from './teller';

/** What the container asks: room, mix, holes, weight, what climbs. */
export const CONTAINER: WordsFor<
  | 'proportion'
  | 'crowding'
  | 'root-balls'
  | 'root-depth'
  | 'side-holes'
  | 'drainage'
  | 'mix'
  | 'weight'
  | 'support'
  | 'stakes'
  | 'spill-room'
> = {
  proportion: (f, t) => {
    const ratio = `${lengthText(f.tallestCm, t.units)} over ${lengthText(f.potCm, t.units)}`;
    const wished = wishedHeight(f, t);
    if (wished) return wished;
    if (f.ratio < f.leastRatio && !t.right)
      return {
        says: `The tallest is ${f.ratio.toFixed(1)} × the container: stumpy.`,
        because: `${ratio}; ${f.leastRatio}–${f.mostRatio} × looks right.`,
      };
    if (f.ratio > f.mostRatio && !t.right)
      return {
        says: `${capital(t.name(f.kind))} grows ${f.ratio.toFixed(1)} × as tall as the container.`,
        because: `${ratio}; ${f.leastRatio}–${f.mostRatio} × looks right and stands firm in wind.`,
      };
    return {
      says: `Tallest is ${f.ratio.toFixed(1)} × the container, in proportion.`,
      because: `${ratio}; ${f.leastRatio}–${f.mostRatio} × looks right.`,
    };
  },
  crowding: (f, t) =>
    t.right
      ? {
          says: 'There is room for all of them to grow.',
          because: `Grown leaves want ${f.pressure.toFixed(1)} × the room there is; up to 3 × knits together well.`,
        }
      : {
          says: `Crowded: ${countText(f.tooMany, 'plant')} too many.`,
          because: `Grown leaves want ${f.pressure.toFixed(1)} × the room there is; over 3 × the weak go under.`,
        },
  'side-holes': (f, t) => {
    const planted = `${f.planted} of ${countText(f.holes, 'side hole')} ${f.planted === 1 ? 'is' : 'are'} planted.`;
    if (f.fault === 'none' || t.right)
      return { says: 'The sides are planted, and every ball goes in.', because: planted };
    if (f.fault === 'empty')
      return {
        says: `${capital(countText(f.holes - f.planted, 'side hole'))} ${f.holes - f.planted === 1 ? 'stays' : 'stay'} empty.`,
        because: `${planted} Bare wall shows there, and mix washes out.`,
      };
    const who = f.kind ? capital(t.name(f.kind)) : 'A plant';
    return {
      says: {
        'too large': `${who} does not go through a side hole.`,
        'out of the mix': `${who} would not lie in the mix.`,
        presses: `${who} presses on another root ball.`,
        'stands out': `${who} stands too tall to come out of a side.`,
      }[f.fault],
      because: {
        'too large': 'Plants from cell packs and pots up to 9 cm pass; buy it smaller.',
        'out of the mix': 'Its hole is too near the floor or the surface for a ball of this size.',
        presses:
          'Balls on their side reach well inward: leave that hole, or set the one above farther in.',
        'stands out': 'It bends down under its own weight. Low and trailing kinds cover a side.',
      }[f.fault],
    };
  },
  'root-balls': (f, t) =>
    f.what === 'nothing' || t.right
      ? {
          says: 'The root balls fit, clear of the wall.',
          because: 'Each has at least 1 cm of mix to the wall and is squeezed no more than 12%.',
        }
      : f.what === 'depth'
        ? {
            says: 'A root ball is deeper than the mix.',
            because: 'Choose a smaller nursery size or a deeper container.',
          }
        : {
            says:
              f.what === 'wall'
                ? 'A root ball presses on the wall.'
                : 'Two root balls want the same place.',
            because: `Short by about ${lengthText(Math.max(1, f.shortfallCm), t.units)}.`,
          },
  'root-depth': (f, t) =>
    t.right
      ? {
          says: `${lengthText(f.depthCm, t.units)} of mix is deep enough.`,
          because: `The most any of them asks is about ${lengthText(f.wantedCm, t.units)}, by rule of thumb.`,
        }
      : {
          says: `${capital(t.name(f.kind))} wants about ${lengthText(f.wantedCm, t.units)} of mix and has ${lengthText(f.depthCm, t.units)}.`,
          because:
            'Shallow roots dry out daily and starve soon. A deeper container, or something with smaller roots.',
        },
  drainage: (f) =>
    f.holes === 0
      ? {
          says: 'No hole for water to leave by.',
          because: `Roots drown in standing water. Drill ${countText(f.suggested, 'hole')}, mesh over each.`,
        }
      : f.holes < f.suggested
        ? {
            says: `${countText(f.holes, 'hole')} where ${f.suggested} would drain evenly.`,
            because: 'Far corners stay wet. Mesh over each hole, and mix all the way down.',
          }
        : {
            says: 'Water can leave.',
            because: `${countText(f.holes, 'hole')}. Mesh over each; no crocks needed.`,
          },
  mix: (f, t) => {
    const first = f.harmed[0];
    if (!first || t.right)
      return {
        says: 'The mix suits everything in it.',
        because: 'By the air, water and lime it holds; the bag says more.',
      };
    const why = {
      limy: 'has lime, which yellows',
      'stays wet': 'stays too wet for',
      'holds little': 'holds too little water for',
      airless: 'has too little air for',
    }[first.reason];
    return {
      says: `The mix ${why} ${list(f.harmed.filter(({ reason }) => reason === first.reason).map(({ kind }) => t.name(kind)))}.`,
      because: {
        limy: 'Use an acid mix, and rain water where the tap is hard.',
        'stays wet': 'A gritty mix dries between waterings.',
        'holds little': 'A peat-free or loam-based mix holds more.',
        airless: 'Roots need air after every watering.',
      }[first.reason],
    };
  },
  weight: (f, t) =>
    f.ratedKg !== null
      ? f.needKg > f.ratedKg
        ? {
            says: `Soaked it weighs about ${weightText(f.soakedKg, t.units)}: more than the rated ${weightText(f.ratedKg, t.units)} allows.`,
            because: `With an allowance for ${f.on === 'ground' ? 'what is set down on it' : 'swinging and wind'} it asks for ${weightText(f.needKg, t.units)}. Do not ${f.on === 'hook' ? 'hang' : 'put'} it there; ask the maker, the owner or an engineer.`,
          }
        : {
            says: `Soaked it weighs about ${weightText(f.soakedKg, t.units)}, ${f.needKg > f.ratedKg * NEAR ? 'near the limit of' : 'within'} the rated ${weightText(f.ratedKg, t.units)}.`,
            because: `With an allowance it asks for ${weightText(f.needKg, t.units)}. Pots vary by a third either way, fixings count too, and the rating is its maker’s to give.`,
          }
      : f.on !== 'ground'
        ? {
            says: `About ${weightText(f.soakedKg, t.units)} when soaked: check the rated load of ${f.on === 'hook' ? 'hook and bracket' : 'sill, rail or brackets'}.`,
            because:
              'Ask the maker or the owner for a rating of at least 1.5 × that; the wall fixing counts too.',
          }
        : {
            says: `About ${weightText(f.wateredKg, t.units)} watered: ${f.who === 'trolley' ? 'a trolley or straps, never alone' : 'two people, or a trolley'}.`,
            because: 'Plant it where it will stand if you can. Pots vary by a third either way.',
          },
  support: (f, t) => ({
    says: `${capital(t.name(f.kind))} needs something to climb, about ${lengthText(f.heightCm, t.units)} tall.`,
    because:
      'Without it, it lies over its neighbours. Canes or a frame, set at planting so that no root is speared later.',
  }),
  stakes: (f, t) => ({
    says: `${capital(t.name(f.kind))} wants a stake and a soft tie.`,
    because: `It reaches about ${lengthText(f.heightCm, t.units)}. Set the stake at planting; cap its end.`,
  }),
  'spill-room': (f, t) =>
    t.right
      ? {
          says: 'There is room in front to spill.',
          because: `Leaves reach ${lengthText(f.reachCm, t.units)} past the rim; there are ${lengthText(f.roomCm, t.units)}.`,
        }
      : {
          says: `${capital(t.name(f.kind))} reaches ${lengthText(f.reachCm, t.units)} past the rim; there are ${lengthText(f.roomCm, t.units)}.`,
          because: 'Leaves will rub, or people will. Move it clear, or choose something narrower.',
        },
};

/** The tallest against the height that was wished for; `null` where none was, or where that has nothing to say of it. */
function wishedHeight(f: FactsOf<'proportion'>, t: Teller): Sentence | null {
  const { wishes } = t.it.planting;
  if (!wishes.tallestCm) return null;
  const [least, most] = wishes.tallestCm.map((cm) => lengthText(cm, t.units)) as [string, string];
  const grows = `${capital(t.name(f.kind))} grows to about ${lengthText(f.tallestCm, t.units)}`;
  const atLeast = `The tallest was to stand ${least} over the mix or more.`;
  const atMost = `Nothing was to stand over ${most} above the mix.`;
  if (t.right)
    return {
      says: `${grows}, as high as you wished.`,
      because: endsAbove(wishes) ? atMost : atLeast,
    };
  if (f.ratio < f.leastRatio) return { says: `${grows}: lower than you wished.`, because: atLeast };
  // Who set no end is told how it looks on that container.
  return endsAbove(wishes) ? { says: `${grows}: taller than you wished.`, because: atMost } : null;
}
