import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, type School } from './school';

/** A little meadow: a frame of few, a bridge between, a carpet of many, by counted shares, in natural drifts. */
export const shares: School = {
  id: 'shares',
  suits: ({ container }) => (hangs(container) ? 0.2 : 0.5),
  parts: () => [
    { role: 'lead', share: [0.1, 0.25] },
    { role: 'body', share: [0.2, 0.35] },
    { role: 'edge', share: [0.4, 0.8] },
  ],
  casts: () => [
    ['lead', 'body', 'edge'],
    ['lead', 'body', 'edge', 'edge'],
    ['lead', 'body', 'body', 'edge', 'edge'],
  ],
  counts: 'free',
  likeMayTouch: true,
  order: 'drift',
  allows: ANY_KIND,
  prefers: ({ habit, wildlife }) =>
    (habit === 'grass' || habit === 'cloud' ? 0.08 : 0) + (wildlife.length > 0 ? 0.05 : 0),
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: { roles: 1.6, neighbours: 0.4, pairs: 0, muddle: 0.7 },
};
