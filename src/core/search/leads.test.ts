import { askFor } from '../../../tests/builders/ask';
import { known } from '../../../tests/builders/plantings';
import type { Wishes } from '../plantings/planting';
import { leadCost, mayLead } from './leads';

const leads = (
  id: string,
  wishes: Partial<Wishes>,
  school: 'thriller' | 'evergreen-frame' = 'thriller',
) => mayLead(known(id), askFor({}, wishes), { id: school });

test('herbs are led by an herb or by what flowers in the kitchen, salad and fruit by what is of the kitchen', () => {
  const [herbs, salad] = [{ likes: ['herbs'] }, { likes: ['salad'] }] as const;
  expect(['sage-purple', 'lavender-violet', 'parsley-flat'].map((id) => leads(id, herbs))).toEqual([
    true,
    true,
    true,
  ]);
  expect(['myrtle', 'reed-grass', 'sweet-pepper'].map((id) => leads(id, herbs))).toEqual([
    false,
    false,
    false,
  ]);
  expect([leads('kale-curly', salad), leads('rose-patio-red', salad)]).toEqual([true, false]);
  expect([leads('myrtle', {}), leads('rose-patio-red', {})]).toEqual([true, true]);
});

test('a cone leads no season of flowers, but what stands for years, what must be there, and neat evergreens', () => {
  expect(leads('yew-column', {})).toBe(false);
  expect(leads('yew-column', {}, 'evergreen-frame')).toBe(true);
  expect(leads('yew-column', { must: ['yew-column'] })).toBe(true);
  expect(leads('yew-column', { company: 'evergreen structure' })).toBe(true);
});

test('it costs to lead another company than was asked for, and to splay where neatness was', () => {
  const cost = (id: string, wishes: Partial<Wishes>) => leadCost(known(id), askFor({}, wishes));
  expect(cost('dahlia-pink', {})).toBe(0);
  expect(cost('dahlia-pink', { company: 'dry and silver' })).toBeGreaterThan(0.5);
  expect(cost('flax-bronze', { company: 'evergreen structure' })).toBeGreaterThan(
    cost('holly-japanese-ball', { company: 'evergreen structure' }),
  );
});
