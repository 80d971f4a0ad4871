import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, NO_PREFERENCE, type School } from './school';
import { isLong } from '../containers/container';

/** Each kind twice, across from its twin, neighbours of different colour, levels even: a basket that is the same from every side. */
export const oppositePairs: School = {
  id: 'opposite-pairs',
  suits: ({ container, spot }) => {
    if (hangs(container)) return 0.95;
    if (isLong(container)) return 0.2;
    return spot.view === 'all round' ? 0.6 : 0.15;
  },
  parts: () => [
    { role: 'body', share: [0.25, 0.75] },
    { role: 'edge', share: [0.25, 0.75] },
  ],
  casts: () => [
    ['body', 'edge'],
    ['body', 'edge', 'edge'],
    ['body', 'body', 'edge', 'edge'],
  ],
  counts: 'pairs',
  likeMayTouch: false,
  order: 'opposite',
  allows: ANY_KIND,
  prefers: NO_PREFERENCE,
  spots: ({ container }, role, count) =>
    wishedPlaces(container, 'all round', role, count, { leads: 0, lead: 'by view' }),
  weights: {
    texture: 0.5,
    muddle: 0.5,
    pairs: 2,
    balance: 1.5,
    neighbours: 1.4,
    'lead-place': 0,
    silhouette: 0,
    evenness: 1.2,
    proportion: 0.6,
  },
};
