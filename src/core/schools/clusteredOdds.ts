import { wishedPlaces } from '../placing/wishedPlaces';
import { hangs, type School } from './school';
import { isLong } from '../containers/container';

/** Groups of one, three and five, greens behind and colours to the front, the lead off to one side: succulent pots, planted tight. */
export const clusteredOdds: School = {
  id: 'clustered-odds',
  suits: ({ container, spot }) => {
    if (hangs(container)) return 0.15;
    if (container.mix === 'gritty') return 1;
    if (isLong(container)) return 0.2;
    return spot.view === 'one side' ? 0.4 : 0.3;
  },
  parts: () => [
    { role: 'lead', share: [0.05, 0.35] },
    { role: 'body', share: [0.3, 0.75] },
    { role: 'edge', share: [0.1, 0.5] },
  ],
  casts: () => [
    ['lead', 'body', 'edge'],
    ['lead', 'body', 'body', 'edge'],
    ['lead', 'body', 'body', 'edge', 'edge'],
  ],
  counts: 'odd',
  likeMayTouch: true,
  order: 'drift',
  allows: ({ cycle, dryBetween, thirst }) =>
    cycle === 'succulent' || cycle === 'desert succulent' || (dryBetween && thirst === 'low'),
  prefers: ({ cycle }) => (cycle === 'succulent' ? 0.1 : cycle === 'desert succulent' ? 0.04 : 0),
  spots: ({ container, spot }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: 'a third over' }),
  weights: { neighbours: 0.3, interest: 0.6, fullness: 0, pairs: 0, muddle: 0, 'lead-place': 0.7 },
};
