import { pickedAs } from '../plants/picked';
import { wishedPlaces } from '../placing/wishedPlaces';
import { hangs, type School } from './school';

/** What it costs that a kind is gone from the pot when it is picked. Ours. */
const PULLED = 0.25;

/** Lead, body and edge that can all be eaten; nothing poisonous alongside. */
export const kitchenPot: School = {
  id: 'kitchen',
  suits: () => 0.1,
  parts: ({ container }) =>
    hangs(container)
      ? [
          { role: 'body', share: [0.3, 0.7] },
          { role: 'edge', share: [0.3, 0.7] },
        ]
      : [
          { role: 'lead', share: [0.05, 0.5] },
          { role: 'body', share: [0.2, 0.7] },
          { role: 'edge', share: [0.15, 0.6] },
        ],
  casts: ({ container }) =>
    hangs(container)
      ? [
          ['body', 'edge'],
          ['body', 'body', 'edge'],
        ]
      : [
          ['lead', 'body', 'edge'],
          ['lead', 'body', 'body', 'edge'],
          ['lead', 'body', 'edge', 'edge'],
        ],
  counts: 'free',
  likeMayTouch: true,
  order: 'alternate',
  allows: ({ edible, toxicity }) =>
    edible !== null && toxicity.people !== 'poisonous' && toxicity.people !== 'unsure',
  // What one plants to eat first, and what bears; what is pulled leaves a hole.
  prefers: (kind) =>
    (kind.fruit ? 0.1 : 0) +
    (kind.company.includes('kitchen') ? 0.06 : -0.12) -
    (pickedAs(kind) === 'roots' ? PULLED : 0),
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: {
    pairs: 0,
    edible: 1.5,
    scheme: 0,
    neighbours: 0.3,
    'pot-contrast': 0.4,
    texture: 0.8,
    interest: 0.5,
  },
};
