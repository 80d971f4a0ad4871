import { offer, offered, onOffers } from './commands';

const command = (id: string) => ({ id, name: id, group: 'G', run: () => undefined });

test('a room’s offers replace those it made before, stand beside other rooms’, and go when it closes', () => {
  const heard = jest.fn();
  const stop = onOffers(heard);
  offer('bench', { commands: [command('one')], keys: [] });
  offer('yard', { commands: [command('two')], keys: [{ group: 'K', keys: 'R', does: 'turn' }] });
  offer('bench', { commands: [command('three')], keys: [] });
  expect(offered().commands.map(({ id }) => id)).toEqual(['three', 'two']);
  // The same object until something changes: what reads it must not loop.
  expect(offered()).toBe(offered());
  offer('bench', null);
  expect(offered().commands.map(({ id }) => id)).toEqual(['two']);
  stop();
  offer('yard', null);
  expect(heard).toHaveBeenCalledTimes(4);
  expect(offered()).toEqual({ commands: [], keys: [] });
});
