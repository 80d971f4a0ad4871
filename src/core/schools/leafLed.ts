import { leafWorth } from '../plants/leaves';
import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, type School } from './school';

/** A leaf worth this is neither liked nor not; how much what is above it is liked. Ours. */
const MIDDLING_LEAF = 0.45;
const LIKING = 0.6;

/** A lead leaf, then its minor colour taken up by another, then one spark; flowers come last. It holds in every season. */
export const leafLed: School = {
  id: 'leaf-led',
  suits: ({ container }) => (hangs(container) ? 0.5 : 0.75),
  parts: ({ container }) =>
    hangs(container)
      ? [
          { role: 'body', share: [0.3, 0.7] },
          { role: 'edge', share: [0.3, 0.7] },
        ]
      : [
          { role: 'lead', share: [0.05, 0.5] },
          { role: 'body', share: [0.2, 0.65] },
          { role: 'edge', share: [0.15, 0.6] },
        ],
  casts: ({ container }) =>
    hangs(container)
      ? [
          ['body', 'body', 'edge'],
          ['body', 'body', 'edge', 'edge'],
        ]
      : [
          ['lead', 'body', 'edge'],
          ['lead', 'body', 'body', 'edge'],
          ['lead', 'body', 'body', 'edge', 'edge'],
        ],
  counts: 'odd',
  likeMayTouch: true,
  order: 'alternate',
  allows: ANY_KIND,
  // Leaves worth looking at by themselves.
  prefers: (kind) =>
    LIKING * (leafWorth(kind) - MIDDLING_LEAF) - (kind.bloom && kind.bloom.cover > 0.45 ? 0.12 : 0),
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: {
    texture: 1.8,
    echo: 2,
    muddle: 1.6,
    neighbours: 0.6,
    interest: 1.4,
    'money-seen': 0.8,
  },
};
