import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, NO_PREFERENCE, type School } from './school';
import { isLong } from '../containers/container';

/** One of several containers seen as one: few kinds in each, so that the group, not the pot, makes the picture. See `search/group.ts`. */
export const group: School = {
  id: 'group',
  suits: ({ container }) => (hangs(container) || isLong(container) ? 0.05 : 0.1),
  parts: () => [{ role: 'body', share: [0.4, 1] }],
  casts: () => [['body'], ['lead', 'body'], ['body', 'edge']],
  counts: 'odd',
  likeMayTouch: true,
  order: 'alternate',
  allows: ANY_KIND,
  prefers: NO_PREFERENCE,
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: { roles: 0.3, texture: 0, silhouette: 0, muddle: 0, neighbours: 0.5, 'lead-place': 0.4 },
};
