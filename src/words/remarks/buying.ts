import { capital, countText, moneyText } from '../format';
import { list, type WordsFor } from './teller';

/** Money and the shop. */
export const BUYING: WordsFor<'budget' | 'money-seen' | 'spares' | 'second-choice'> = {
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
  'money-seen': (f, t) =>
    f.hidden > 0 && !t.right
      ? {
          says: `${capital(t.name(f.kind))} is hardly seen: about ${Math.round(f.share * 100)}% of it shows.`,
          because: `${f.hidden === 1 ? 'One plant' : `${f.hidden} plants`} of ${f.plants} ${f.hidden === 1 ? 'stands' : 'stand'} behind others from where this is looked at.${f.flowers !== null && f.flowers < 0.95 ? ` Of its flowers ${Math.round(f.flowers * 100)}% show.` : ''} Bring it forward, or save the money.`,
        }
      : {
          says: t.right
            ? 'Every plant is seen from where it matters.'
            : `Not much of ${t.name(f.kind)} is seen from where it matters.`,
          because: `Least seen is ${t.name(f.kind)}, of which about ${Math.round(f.share * 100)}% shows.`,
        },
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
};
