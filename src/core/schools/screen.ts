import { wishedPlaces } from '../placing/wishedPlaces';
import { hangs, NO_PREFERENCE, overSill, type School } from './school';

/** What stays lower than this, cm, hides nothing. Ours. */
const LEAST_CM = 45;

/** Seen over a sill from indoors: two tall kinds alternate, as tall as the sight line asks; what spills is wasted. */
export const screen: School = {
  id: 'screen',
  suits: ({ container, spot }) => (hangs(container) ? 0 : overSill(spot) ? 1 : 0.1),
  parts: ({ spot }) => [{ role: 'lead', share: overSill(spot) ? [0.5, 1] : [0.25, 1] }],
  casts: ({ spot }) => [
    ['lead', 'lead'],
    ['lead', 'lead', 'body'],
    // What hides the street from a room is not seen at its foot; what hides bins is.
    ...(overSill(spot) ? [] : ([['lead', 'edge']] as const)),
  ],
  counts: 'free',
  likeMayTouch: true,
  order: 'alternate',
  allows: ({ trailCm, heightCm }, role) =>
    role === 'edge' || (trailCm === null && (role !== 'lead' || heightCm[1] >= LEAST_CM)),
  prefers: NO_PREFERENCE,
  spots: ({ container, spot }, role, count, leads) =>
    wishedPlaces(
      container,
      role === 'edge' ? spot.view : 'all round',
      role === 'lead' ? 'body' : role,
      count,
      { leads: role === 'lead' ? 0 : leads, lead: 'by view' },
    ),
  weights: {
    sightline: 2,
    balance: 0.6,
    'lead-place': 0,
    silhouette: 0,
    texture: 0,
    muddle: 0,
    roles: 0.6,
    proportion: 0.5,
    neighbours: 0.6,
  },
};
