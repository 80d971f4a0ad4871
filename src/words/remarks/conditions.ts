import { windName } from '@/core/potting/tipping';
import { capital, dateText, hoursText, degreesText, temperatureText, windText } from '../format';
import { list, type WordsFor } from './teller';

/** What the spot and the weather ask: light, water, cold, heat, frost, wind, rain. */
export const CONDITIONS: WordsFor<
  | 'light'
  | 'thirst'
  | 'cold'
  | 'summer'
  | 'gone-over'
  | 'in-wind'
  | 'hardening'
  | 'rain'
  | 'pot-frost'
  | 'root-heat'
  | 'tipping'
> = {
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
  cold: (f, t) => {
    if (f === null)
      return {
        says: 'Everything lives through its weeks here.',
        because:
          'The coldest night of each week in one year of ten, at the top and in the pot. Your own garden decides.',
      };
    const who = capital(t.name(f.kind));
    const at = temperatureText(f.atC, t.units);
    const bears = temperatureText(f.bearsC, t.units);
    const when = `about ${dateText(f.calendarWeek)}`;
    const safe = f.safeFrom === null ? '' : ` Usually safe from about ${dateText(f.safeFrom)}.`;
    switch (f.to) {
      case 'frost':
        return {
          says: `${who} may be lost to frost ${when}.`,
          because: `It bears ${bears}; in one year of ten the night then falls to ${at}.${safe}`,
        };
      case 'frozen roots':
        return {
          says: `The roots of ${t.name(f.kind)} may freeze ${when}.`,
          because: `They bear ${bears}; this pot, not wrapped, may reach ${at} in one year of ten. A larger pot, a wrap or a shed helps.`,
        };
      case 'cold nights':
        return {
          says: `${who} should be indoors ${when}.`,
          because: `It is brought in at nights of ${bears}; usual ones then are ${at}.`,
        };
    }
  },
  summer: (f, t) => {
    const who = capital(t.name(f.kind));
    if (t.right || f.fault === 'none')
      return {
        says: 'Its weeks are as warm as they need, and no hotter.',
        because: 'By the mean highest of the warmest weeks, and by usual nights.',
      };
    if (f.fault === 'cool nights')
      return {
        says: `${who} sulks here: nights check it in ${Math.round(f.by * 100)}% of its weeks.`,
        because: 'It stands still and flowers less until nights are warmer.',
      };
    return f.fault === 'too hot'
      ? {
          says: `${who} suffers in the heat here.`,
          because: `The warmest weeks are about ${degreesText(f.by, t.units)} past what it bears; shade at noon and water help a little.`,
        }
      : {
          says: `${who} wants a warmer summer.`,
          because: `The warmest weeks are about ${degreesText(f.by, t.units)} short of what it needs.`,
        };
  },
  'gone-over': (f, t) =>
    t.right
      ? {
          says: 'What is planted is there to be seen for most of its weeks.',
          because:
            f.present >= 0.995
              ? 'All of it in all of them.'
              : `Least of all ${t.name(f.kind)}: ${Math.round(f.present * 100)}% of them.`,
        }
      : f.missing > 0
        ? {
            says: `${capital(t.name(f.kind))} is there for ${f.present < 0.005 ? 'none of the weeks' : `${Math.round(f.present * 100)}% of the weeks only`}.`,
            because: `Before and after it leaves a gap, or bare mix. Gone for much of the time: ${f.missing} of ${f.plants} plants.`,
          }
        : {
            says: 'There is little to look at in the first three weeks.',
            because: 'Nothing is in flower, in fruit or coloured in its leaf soon after planting.',
          },
  hardening: (f, t) => ({
    says: `Harden off ${list([...f.kinds.slice(0, 3).map(t.name), ...(f.kinds.length > 3 ? ['others'] : [])])} for 7–14 days.`,
    because: `Leaves from a sheltered house scorch in ${hoursText(f.hours)} of sun and chill at night: shade by day, shelter by night, a little more each day.`,
  }),
  rain: (f) =>
    f.by === 'roof'
      ? {
          says:
            f.share === 0
              ? 'Rain never reaches it: it lives from the can.'
              : `Only about ${Math.round(f.share * 100)}% of the rain reaches it.`,
          because: 'Roof, eave or tree keeps it off. A wet day is no watering day off here.',
        }
      : {
          says: 'Once grown, its own leaves shed most rain outside the rim.',
          because: `About ${Math.round(f.share * 100)}% gets in. Feel the mix after rain before you trust it.`,
        },
  'in-wind': (f, t) => {
    const who = capital(t.name(f.kind));
    const many = f.alike > 1 ? ` So it is with ${f.alike} of ${f.plants} plants.` : '';
    if (f.torn === 'badly')
      return {
        says: `${who} wants shelter, and here it blows.`,
        because: `Wind tears its leaves or snaps its stems.${many} Give it a corner out of the wind, or take what is low, tough or silver.`,
      };
    if (f.isBurnt)
      return {
        says: `Where spray reaches it, salt browns ${t.name(f.kind)}.`,
        because: `The book does not tell it as one that bears salt.${many} Leathery, silver and fleshy leaves bear salt; a rinse after a gale helps the others.`,
      };
    return f.torn === 'not'
      ? {
          says: `Everything here bears wind${f.bySea ? ' and salt' : ''}.`,
          because: 'The book tells each kind as one for balconies, roofs or the open.',
        }
      : {
          says: `Nothing here is torn by a breeze; in a gale ${t.name(f.kind)} is.`,
          because: `${f.bySea ? 'By the sea' : 'At the height of balconies'} it blows on most days. Water more often: wind dries.`,
        };
  },
  'pot-frost': (f, t) => ({
    says: `Frost ${f.risk === 'cracks' ? 'cracks' : 'may crack'} the ${t.it.planting.container.name.toLowerCase()} if it stays out from about ${dateText(f.fromWeek)}.`,
    because: `Winters here reach about ${temperatureText(f.coldestC, t.units)}. Empty it, keep it dry and on feet, or bring it in; the maker’s word on frost wins.`,
  }),
  'root-heat': (f, t) => ({
    says: `On hot days its mix may reach ${temperatureText(f.leastC, t.units)} to ${temperatureText(f.mostC, t.units)} on the sunny side.`,
    because: `Air of ${temperatureText(f.airC, t.units)} and dark, thin walls in sun; roots of most plants stop near ${temperatureText(38, t.units)}. Shade the pot, double it, or choose a paler one.`,
  }),
  tipping: (f, t) => ({
    says: `Dry, it goes over in wind of about ${windText([f.leastMs, f.mostMs], t.units)} (${windName(f.leastMs)})${f.week === 0 ? ' from the day it is planted' : ` by week ${f.week}`}.`,
    because: `${f.byWeek.map(({ week, leastMs, mostMs }) => `Week ${week}: ${windText([leastMs, mostMs], t.units)}`).join('; ')}. Reckoned for level ground without gusts; corners and roofs are worse. Keep it watered before a blow, wedge it between others, or tie it back.`,
  }),
};
