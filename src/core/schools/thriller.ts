import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, NO_PREFERENCE, type School } from './school';

/** One tall lead, a body round it, trailing edge. The default: it reads from any side and forgives most. */
export const thriller: School = {
  id: 'thriller',
  suits: ({ container }) => (hangs(container) ? 0.6 : 1),
  parts: ({ container }) =>
    hangs(container)
      ? [
          { role: 'body', share: [0.3, 0.7] },
          { role: 'edge', share: [0.3, 0.7] },
        ]
      : [
          { role: 'lead', share: [0.05, 0.4] },
          { role: 'body', share: [0.2, 0.65] },
          { role: 'edge', share: [0.2, 0.6] },
        ],
  casts: ({ container }) =>
    hangs(container)
      ? [
          ['body', 'edge'],
          ['body', 'body', 'edge'],
          ['body', 'edge', 'edge'],
          ['body', 'body', 'edge', 'edge'],
        ]
      : [
          ['lead', 'body', 'edge'],
          ['lead', 'body', 'body', 'edge'],
          ['lead', 'body', 'edge', 'edge'],
          ['lead', 'body', 'body', 'edge', 'edge'],
        ],
  counts: 'odd',
  likeMayTouch: null,
  order: 'alternate',
  allows: ANY_KIND,
  prefers: NO_PREFERENCE,
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: {},
};
