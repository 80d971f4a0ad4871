import type { Remark } from '@/core/checks/opinion';
import type { Edit } from '@/core/plantings/edits';
import type { CheckId, FactsOf } from '@/core/checks/rules/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { NEAR } from '@/core/checks/rules/weight';
import { weekAfter } from '@/core/units/units';
import { windName } from '@/core/potting/tipping';
import {
  capital,
  countText,
  dateText,
  hoursText,
  lengthText,
  moneyText,
  temperatureText,
  weightText,
  windText,
  type Units,
} from './format';
import { inSentence, keyed, ROLE_NAMES, schemeText, SUPPORT_NAMES } from './names';
import { schoolOf } from '@/core/schools/index';
import { SCHOOL_NAMES } from './schools';

/** A remark in words. */
export interface Sentence {
  /** What was seen. */
  readonly says: string;
  /** Why it matters, with the figures. */
  readonly because: string;
}

/** What the words need besides the facts. */
interface Teller {
  readonly units: Units;
  readonly it: PlantingInSpot;
  /** The check has nothing to say against it: the sentence may not either. */
  readonly right: boolean;
  /** "lime potato vine (D)" */
  readonly name: (id: KindId) => string;
}

type Words = { readonly [Id in CheckId]: (facts: FactsOf<Id>, teller: Teller) => Sentence };

const list = (names: readonly string[]) =>
  names.length < 2
    ? (names[0] ?? '')
    : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;

/** One sentence maker for each check. A check without one does not compile. */
const WORDS: Words = {
  light: (f, t) => {
    const who = capital(t.name(f.kind));
    if (f.fault === 'dark' && !t.right)
      return {
        says: `${who} likes ${hoursText(f.needHours)} of sun and gets ${hoursText(f.haveHours)}.`,
        because: 'Short of light plants stretch, thin out and flower less.',
      };
    if (f.fault === 'scorched' && !t.right)
      return {
        says: `${who} scorches in afternoon sun, and this spot has it.`,
        because: `Of ${hoursText(f.haveHours)} most fall after noon, when the air is hottest.`,
      };
    if (f.fault === 'bright' && !t.right)
      return {
        says: `${who} wants at most ${hoursText(f.mostHours)} of sun and gets ${hoursText(f.haveHours)}.`,
        because: 'Too much sun bleaches leaves and doubles the watering.',
      };
    return {
      says: `Everything is content with ${hoursText(f.haveHours)} of sun.`,
      because: 'Each kind’s range of hours includes it.',
    };
  },
  thirst: (f, t) =>
    t.right
      ? {
          says: 'One watering suits all of them.',
          because: 'No kind here wants it much wetter or drier than its neighbours.',
        }
      : {
          says: `${capital(t.name(f.thirsty))} drinks a lot; ${t.name(f.dry)} ${f.mustDry ? 'must dry out between waterings' : 'wants little'}.`,
          because: 'They share one watering can: one of the two will suffer.',
        },
  proportion: (f, t) => {
    const ratio = `${lengthText(f.tallestCm, t.units)} over ${lengthText(f.potCm, t.units)}`;
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
  'trail-length': (f, t) =>
    t.right
      ? {
          says: 'Trailing stems end above the ground.',
          because: `The longest hangs about ${lengthText(f.trailCm, t.units)}; there are ${lengthText(f.dropCm, t.units)}.`,
        }
      : {
          says: `${capital(t.name(f.kind))} trails about ${lengthText(f.trailCm, t.units)}; there are ${lengthText(f.dropCm, t.units)}.`,
          because: 'It will lie on the ground or meet heads unless it is pinched.',
        },
  roles: (f, t) =>
    f.missing.length === 0
      ? f.off && !t.right
        ? {
            says: `${ROLE_NAMES[f.off.role]} plants are ${Math.round(f.off.share * 100)} % of the planting.`,
            because: `${SCHOOL_NAMES[schoolOf(t.it.planting).id]} keeps to ${Math.round(f.off.wanted[0] * 100)}–${Math.round(f.off.wanted[1] * 100)} %, by count.`,
          }
        : {
            says: `It has the parts of its school: ${SCHOOL_NAMES[schoolOf(t.it.planting).id].toLowerCase()}.`,
            because: `${countText(f.leads, 'lead')}, ${f.bodies} in the body, ${f.edges} at the edge.`,
          }
      : {
          says: `No ${list(f.missing.map((role) => (role === 'lead' ? 'lead to give it height' : role === 'body' ? 'body to fill the middle' : 'edge to soften the rim')))}.`,
          because: `${ROLE_NAMES.lead} ${f.leads}, body ${f.bodies}, edge ${f.edges}. Domes and single-kind pots do without on purpose.`,
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
  fullness: (f) =>
    f.fullWeek === null
      ? {
          says: 'The mix never quite disappears this season.',
          because: `About ${Math.round(f.coverThen * 100)} % is hidden in week ${f.wishedWeek} after planting.`,
        }
      : f.fullWeek <= f.wishedWeek
        ? {
            says: `Full in about ${countText(f.fullWeek, 'week')}.`,
            because: `You wished for ${f.wishedWeek}.`,
          }
        : {
            says: `Full in about ${countText(f.fullWeek, 'week')}, later than the ${f.wishedWeek} you wished.`,
            because: `In week ${f.wishedWeek} about ${Math.round(f.coverThen * 100)} % of the mix is hidden. Larger plants or one more would help.`,
          },
  'root-balls': (f, t) =>
    f.what === 'nothing'
      ? {
          says: 'The root balls fit, clear of the wall.',
          because: 'Each has at least 1 cm of mix to the wall and is squeezed no more than 12 %.',
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
  scheme: (f, t) => {
    const wanted = schemeText(t.it.planting.wishes.scheme);
    if (f.odd)
      return {
        says: `${capital(t.name(f.odd))} stands outside ${wanted}.`,
        because: `The whole fits the scheme to ${Math.round(f.fit * 100)} %.`,
      };
    if (f.missing.length > 0)
      return {
        says: `For ${wanted} it lacks ${list(f.missing.map((m) => (m === 'white' || m === 'dark' || m === 'lime' ? (m === 'dark' ? 'dark leaves' : m) : `the ${m}`)))}.`,
        because: `What is there fits to ${Math.round(f.fit * 100)} %.`,
      };
    return t.right
      ? {
          says: `The colours read as ${wanted}.`,
          because: `They fit the scheme to ${Math.round(f.fit * 100)} %, weighed by what is seen.`,
        }
      : {
          says: `The colours only half make ${wanted}.`,
          because: `They fit to ${Math.round(f.fit * 100)} %, weighed by what is seen.`,
        };
  },
  'pot-contrast': (f, t) =>
    t.right
      ? {
          says: 'What hangs over the rim stands out from the pot.',
          because: `Nearest in colour is ${t.name(f.kind)}, plainly another shade.`,
        }
      : {
          says: `${capital(t.name(f.kind))} melts into the pot’s colour.`,
          because: 'It hangs in front of the pot and is nearly the same shade.',
        },
  background: (f, t) =>
    t.right
      ? {
          says: 'It stands out from what is behind it.',
          because: `Nearest in colour is ${t.name(f.kind)} against the ${f.layer.toLowerCase()}.`,
        }
      : f.fault === 'clash'
        ? {
            says: `${capital(t.name(f.kind))} is at odds with the ${f.layer.toLowerCase()} behind it.`,
            because: `Both are strong and neither neighbours nor opposites, from about ${countText(f.weeks, 'week')} on.`,
          }
        : {
            says: `${capital(t.name(f.kind))} is lost against the ${f.layer.toLowerCase()}.`,
            because: `Nearly one colour, from about ${countText(f.weeks, 'week')} on. Something lighter or darker behind or before it parts them.`,
          },
  texture: (f, t) =>
    t.right
      ? {
          says: 'Leaves differ well: it holds without flowers.',
          because: `${countText(f.textures, 'leaf texture')} among ${countText(f.kinds, 'kind')}.`,
        }
      : {
          says:
            f.middlingGreens > 1
              ? 'A muddle of middling green leaves once flowers stop.'
              : 'The leaves are much alike.',
          because: `${f.middlingGreens} of ${countText(f.kinds, 'kind')} have plain green leaves of middling size. A bold, fine or coloured leaf would help.`,
        },
  balance: (f, t) =>
    t.right
      ? {
          says: 'Balanced from side to side, and the rim is dressed.',
          because: `Weight leans ${Math.round(Math.abs(f.lean) * 100)} % ${f.lean < 0 ? 'left' : 'right'}.`,
        }
      : f.bareRim > 0.34 && f.bareRim - 0.34 > Math.abs(f.lean) - 0.1
        ? {
            says: `About ${Math.round(f.bareRim * 100)} % of the rim in view stays bare in one stretch.`,
            because: 'A bare side draws the eye; move an edge plant into it.',
          }
        : {
            says: `It leans to the ${f.lean < 0 ? 'left' : 'right'}.`,
            because: `The middle of its mass is ${Math.round(Math.abs(f.lean) * 100)} % of the half width off.`,
          },
  bully: (f, t) =>
    f === null
      ? {
          says: 'Nobody swallows a neighbour.',
          because: 'No strong grower covers half of a weaker one this season.',
        }
      : {
          says: `${capital(t.name(f.bully))} swallows ${t.name(f.victim)} by about ${dateText(f.calendarWeek)}.`,
          because: `It spreads to ${lengthText(f.bullySpreadCm, t.units)}, ${lengthText(f.gapCm, t.units)} away; the other stays ${lengthText(f.victimHeightCm, t.units)} tall. Trim it by about ${dateText(weekAfter(t.it.planting.plantedWeek, Math.max(1, f.weeks - 1)))}.`,
        },
  edible: (f, t) =>
    f === null
      ? {
          says: 'Nothing harmful grows beside what you eat.',
          because: 'As far as the book knows. Eat only plants sold for eating.',
        }
      : {
          says: `${capital(t.name(f.harmful))} grows beside ${t.name(f.eaten)}, which is eaten.`,
          because: 'Leaves get picked together. Keep anything harmful or unsure away from food.',
        },
  reach: (f, t) =>
    f === null
      ? {
          says: 'Nothing harmful within reach, as far as the book knows.',
          because: 'The book can be wrong or silent: the label, a doctor or a vet decides.',
        }
      : {
          says: `${capital(t.name(f.kind))} is within reach of ${f.who === 'both' ? 'pets and children' : f.who}.`,
          because: `${f.harm === 'none known' ? '' : `${capital(f.harm)}. `}${f.note} Check the label; ask a ${f.who === 'pets' ? 'vet' : 'doctor'} when in doubt.`,
        },
  budget: (f, t) =>
    f.cost <= f.budget
      ? {
          says: `Within the budget: plants ${moneyText(f.cost, t.units)} of ${moneyText(f.budget, t.units)}.`,
          because: 'Typical prices for whole packs; mix and feed are extra.',
        }
      : {
          says: `Plants cost ${moneyText(f.cost, t.units)}, over the ${moneyText(f.budget, t.units)} set aside.`,
          because: 'Typical prices for whole packs; smaller sizes or one plant fewer would help.',
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
            because: 'Far corners stay wet. Mesh over the hole, and mix all the way down.',
          }
        : {
            says: 'Water can leave.',
            because: `${countText(f.holes, 'hole')}. Mesh over each; no crocks needed.`,
          },
  cold: (f, t) =>
    f === null
      ? {
          says: 'Planted after the usual last frost.',
          because: 'Frost dates are chances; your own garden decides.',
        }
      : {
          says: `${capital(t.name(f.kind))} may meet frost if planted about ${dateText(f.plantedWeek)}.`,
          because: `It bears about ${Math.round(f.lowestC)} °C. Usually safe from about ${dateText(f.safeFrom)}; harden off 7–14 days.`,
        },
  gloves: (f, t) => ({ says: `Wear gloves for ${list(f.kinds.map(t.name))}.`, because: f.note }),
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
  tipping: (f, t) => ({
    says: `Dry, it goes over in wind of about ${windText([f.leastMs, f.mostMs], t.units)} (${windName(f.leastMs)})${f.week === 0 ? ' from the day it is planted' : ` by week ${f.week}`}.`,
    because: `${f.byWeek.map(({ week, leastMs, mostMs }) => `Week ${week}: ${windText([leastMs, mostMs], t.units)}`).join('; ')}. Reckoned for level ground without gusts; corners and roofs are worse. Keep it watered before a blow, wedge it between others, or tie it back.`,
  }),
  'pot-frost': (f, t) => ({
    says: `Frost ${f.risk === 'cracks' ? 'cracks' : 'may crack'} ${t.it.planting.container.name.toLowerCase()} if it stays out from about ${dateText(f.fromWeek)}.`,
    because: `Winters here reach about ${temperatureText(f.coldestC, t.units)}. Empty it, keep it dry and on feet, or bring it in; the maker’s word on frost wins.`,
  }),
  'root-heat': (f, t) => ({
    says: `On hot days its mix may reach ${temperatureText(f.leastC, t.units)} to ${temperatureText(f.mostC, t.units)} on the sunny side.`,
    because: `Air of ${temperatureText(f.airC, t.units)} and dark, thin walls in sun; roots of most plants stop near ${temperatureText(38, t.units)}. Shade the pot, double it, or choose a paler one.`,
  }),
  mix: (f, t) => {
    const first = f.harmed[0];
    if (!first)
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
      because:
        first.reason === 'limy'
          ? 'Use an acid mix, and rain water where the tap is hard.'
          : first.reason === 'stays wet'
            ? 'A gritty mix dries between waterings.'
            : first.reason === 'holds little'
              ? 'A peat-free or loam-based mix holds more.'
              : 'Roots need air after every watering.',
    };
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
  support: (f, t) =>
    f.how === 'climb'
      ? {
          says: `${capital(t.name(f.kind))} needs something to climb, about ${lengthText(f.heightCm, t.units)} tall.`,
          because: 'Canes or a frame, set at planting so that no root is speared later.',
        }
      : {
          says: `${capital(t.name(f.kind))} wants a stake and a soft tie.`,
          because: `It reaches about ${lengthText(f.heightCm, t.units)}. Set the stake at planting; cap its end.`,
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
  neighbours: (f, t) =>
    t.right
      ? { says: 'Neighbours differ in colour.', because: 'No one colour clumps.' }
      : f.alike
        ? {
            says:
              f.alike[0] === f.alike[1]
                ? `${capital(t.name(f.alike[0]))} stands beside its own kind: one colour clumps.`
                : `${capital(t.name(f.alike[0]))} and ${t.name(f.alike[1])} merge side by side.`,
            because: 'One colour clumps; let another come between, unless you want it to flow.',
          }
        : {
            says: 'Neighbours are close in colour.',
            because: 'It flows, but nothing stands out; schools differ on this.',
          },
  echo: (f, t) => ({
    says:
      f.part === 'pot'
        ? `${capital(t.name(f.to))} takes up the colour of the container.`
        : f.part === 'behind'
          ? `${capital(t.name(f.to))} takes up the ${f.from.toLowerCase()} behind it.`
          : `The ${f.part} of ${t.name(f.from)} echoes ${t.name(f.to)}.`,
    because: 'A minor colour picked up again ties the planting together.',
  }),
  'money-seen': (f, t) =>
    f.hidden > 0
      ? {
          says: `${capital(t.name(f.kind))} is hardly seen: about ${Math.round(f.share * 100)} % of it shows.`,
          because: `${f.hidden === 1 ? 'One plant' : `${f.hidden} plants`} of ${f.plants} stand behind others from where this is looked at.${f.flowers !== null && f.flowers < 0.95 ? ` Of its flowers ${Math.round(f.flowers * 100)} % show.` : ''} Bring it forward, or save the money.`,
        }
      : {
          says: 'Every plant is seen from where it matters.',
          because: `Least seen is ${t.name(f.kind)}, of which about ${Math.round(f.share * 100)} % shows.`,
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
  muddle: (f, t) =>
    t.right
      ? {
          says: 'No muddle of middling green leaves.',
          because: `${f.middling} of ${countText(f.plants, 'plant')} have plain green leaves of middling size.`,
        }
      : {
          says: 'Without flowers it is a muddle of middling green leaves.',
          because: `${f.middling} of ${countText(f.plants, 'plant')} have them${f.flowerlessWeeks > 0 ? `, and ${countText(f.flowerlessWeeks, 'week')} go without flowers` : ''}. A bold, fine, dark or pale leaf would hold it.`,
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
  'dark-light': (f, t) =>
    t.right
      ? {
          says: `${capital(t.name(f.beside || f.kind))} sets off the dark of ${t.name(f.kind)}.`,
          because: 'A dark plant wants a light one beside it.',
        }
      : {
          says: `${capital(t.name(f.kind))} has no light neighbour.`,
          because: 'Dark leaves read as a hole until something pale, white or lime touches them.',
        },
  sparkle: (f, t) => ({
    says: `A little light from ${t.name(f.kind)} lifts the rest.`,
    because: `About ${Math.round(f.share * 100)} % of what is seen is white, silver or lime.`,
  }),
  'colour-sight': (f, t) =>
    t.right
      ? {
          says: 'The colours also part for eyes that confuse red and green.',
          because: `Nearest then are ${t.name(f.a)} and ${t.name(f.b)}.`,
        }
      : {
          says: `To eyes that confuse red and green, ${t.name(f.a)} and ${t.name(f.b)} look alike.`,
          because:
            'About one man in twelve has such eyes. A difference in lightness is seen by all.',
        },
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
  rain: (f) =>
    f.by === 'roof'
      ? {
          says:
            f.share === 0
              ? 'Rain never reaches it: it lives from the can.'
              : `Only about ${Math.round(f.share * 100)} % of the rain reaches it.`,
          because: 'Roof, eave or tree keeps it off. A wet day is no watering day off here.',
        }
      : {
          says: 'Once grown, its own leaves shed most rain outside the rim.',
          because: `About ${Math.round(f.share * 100)} % gets in. Feel the mix after rain before you trust it.`,
        },
  hardening: (f, t) => ({
    says: `Harden off ${list(f.kinds.slice(0, 3).map(t.name))}${f.kinds.length > 3 ? ' and others' : ''} for 7–14 days.`,
    because: `Leaves from a sheltered house scorch in ${hoursText(f.hours)} of sun and chill at night: shade by day, shelter by night, a little more each day.`,
  }),
  spares: (f, t) =>
    t.right
      ? {
          says: 'Packs come out nearly even.',
          because: f.kind ? `${f.spare} left over of ${t.name(f.kind)}.` : '',
        }
      : {
          says: `${countText(f.spare, 'plant')} of ${t.name(f.kind)} would be left without a place.`,
          because: `${f.plants} needed, sold so that ${f.bought} are bought. Find them a place, or buy it singly.`,
        },
  'second-choice': (f, t) => ({
    says: `${capital(list(f.kinds.slice(0, 3).map(t.name)))} may be hard to find: have a second choice.`,
    because: 'Few places sell it. Stand-ins are on its tag.',
  }),
  handling: (f) => ({
    says: CAUTION_HEADS[f.cautions[0]!],
    because: f.cautions.map((one) => CAUTION_TEXTS[one]).join(' '),
  }),
  'runs-wild': (f, t) => ({
    says: `${capital(t.name(f.kind))} can run wild.`,
    because: `${f.where} Check your local list; never tip it out in the wild.`,
  }),
};

const CAUTION_HEADS: Readonly<Record<FactsOf<'handling'>['cautions'][number], string>> = {
  overhead: 'It hangs or stands high: mind ladders and whoever passes below.',
  eating: 'Eat only plants sold for eating.',
  stores: 'Feeds and slug bait: locked away.',
  power: 'Water and electricity: ask an electrician.',
  'mix dust': 'Mind the dust of dry mix.',
  tools: 'Mind the blades.',
};
const CAUTION_TEXTS: Readonly<Record<FactsOf<'handling'>['cautions'][number], string>> = {
  overhead:
    'Ladder on firm level ground with someone at its foot, or lower the container to work on it; over a path, ask who is answerable for it.',
  eating: 'No feed or spray made for ornamentals on them; wash what you pick.',
  stores:
    'Keep feeds, slug bait and sprays out of reach of children and pets, in their own packs, by their labels.',
  power:
    'A pump or timer near water wants a protected outdoor circuit, put in by a licensed electrician.',
  'mix dust':
    'Damp the mix before tipping it, wear gloves, wash hands: dry mix can carry legionella.',
  tools: 'Sharp, clean blades, cut away from the hand, closed when laid down.',
};

/** Puts a remark into words. */
export function sentenceOf(remark: Remark, it: PlantingInSpot, units: Units): Sentence {
  const letters = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  const kinds = new Map<string, PlantKind>(it.plants.map(({ kind }) => [kind.id, kind]));
  const name = (id: KindId) => {
    const letter = letters.get(id);
    return `${inSentence(kinds.get(id)?.common ?? id)}${letter ? ` (${letter})` : ''}`;
  };
  const tell = WORDS[remark.check] as (facts: unknown, teller: Teller) => Sentence;
  return tell(remark.facts, { units, it, right: remark.severity === 'right', name });
}

/** The lead word of a remark. */
export function leadWord(remark: Remark): string {
  if (remark.certainty === 'a caution' && remark.severity !== 'right') return 'Caution';
  return { trouble: 'Trouble', look: 'Look', taste: 'Taste', right: 'Right' }[remark.severity];
}

/** What a fix does, as the words on its button. */
export function editText(
  edit: Edit,
  it: PlantingInSpot,
  units: Units,
  kindOf: (id: KindId) => PlantKind | null,
): string {
  switch (edit.kind) {
    case 'move': {
      const place = it.planting.places.find(({ id }) => id === edit.place);
      if (!place) return 'Move it';
      const [dx, dz] = [edit.xCm - place.xCm, edit.zCm - place.zCm];
      const way =
        Math.abs(dx) >= Math.abs(dz) ? (dx < 0 ? 'left' : 'right') : dz < 0 ? 'back' : 'forward';
      return `Try it ${lengthText(Math.hypot(dx, dz), units)} ${way}`;
    }
    case 'swap':
      return `Try ${inSentence(kindOf(edit.to)?.common ?? edit.to)}`;
    case 'remove':
      return 'Try it without one';
    case 'shift':
      return 'Try them moved';
    case 'clear':
      return 'Try it without them';
    case 'pose':
      return 'Try it leaning';
    case 'lock':
      return 'Lock it';
    case 'arrange':
      return 'Try another order';
    case 'container':
      return edit.change.drainHoles
        ? `Mark ${countText(edit.change.drainHoles, 'hole')}`
        : 'Try it';
    case 'add':
      return `Add ${inSentence(kindOf(edit.place.kindId)?.common ?? edit.place.kindId)}`;
    case 'trim':
      return `Trim it in week ${edit.weeks}`;
    case 'untrim':
      return 'Leave it untrimmed';
    case 'remake':
      return 'Plant it this way';
    case 'support':
      return edit.support
        ? `Try ${SUPPORT_NAMES[edit.support.form].one} there`
        : 'Try it without the support';
    case 'wish':
      return 'Wish for it';
    case 'rename':
      return `Call it ${edit.name}`;
    case 'mean':
      return 'I mean it';
  }
}

/** What a fix comes to, where a figure tells it: "shows 40 % more of it". */
export function fixEffect(check: CheckId, before: unknown, after: unknown): string | null {
  if (check !== 'money-seen' || !after) return null;
  const more =
    ((after as FactsOf<'money-seen'>).share - (before as FactsOf<'money-seen'>).share) * 100;
  return more >= 1 ? `shows ${Math.round(more)} % more of what is hidden` : null;
}

/** What history calls an arrangement. */
