import { windName } from '@/core/potting/tipping';
import { capital, dateText, hoursText, temperatureText, windText } from '../format';
import { list, type WordsFor } from './teller';

/** What the spot and the weather ask: light, water, cold, heat, frost, wind, rain. */
export const CONDITIONS: WordsFor<
  'light' | 'thirst' | 'cold' | 'hardening' | 'rain' | 'pot-frost' | 'root-heat' | 'tipping'
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
  hardening: (f, t) => ({
    says: `Harden off ${list(f.kinds.slice(0, 3).map(t.name))}${f.kinds.length > 3 ? ' and others' : ''} for 7–14 days.`,
    because: `Leaves from a sheltered house scorch in ${hoursText(f.hours)} of sun and chill at night: shade by day, shelter by night, a little more each day.`,
  }),
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
  'pot-frost': (f, t) => ({
    says: `Frost ${f.risk === 'cracks' ? 'cracks' : 'may crack'} ${t.it.planting.container.name.toLowerCase()} if it stays out from about ${dateText(f.fromWeek)}.`,
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
