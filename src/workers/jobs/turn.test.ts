import { turn } from './turn';

test('those who wait for the loop to turn go on in the order in which they came, others between them', async () => {
  const order: string[] = [];
  setTimeout(() => order.push('timer'), 0);
  await Promise.all([
    turn().then(() => order.push('first')),
    turn().then(() => order.push('second')),
  ]);
  expect(order).toEqual(['timer', 'first', 'second']);
});
