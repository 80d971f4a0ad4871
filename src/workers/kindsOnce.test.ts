import { GOOD, planted } from '../../tests/builders/plantings';
import { numberOf, subjectKey, subjectOf } from '@/core/seeing/subject';
import { KindReceiver, KindSender } from './kindsOnce';

const subject = subjectOf(planted(GOOD));
/** As a message crosses: nothing is shared with the other side. */
const across = <T>(message: T): T => JSON.parse(JSON.stringify(message)) as T;

test('records cross once; what arrives is what was sent', () => {
  const [sender, receiver] = [new KindSender(), new KindReceiver()];
  const first = across(sender.pack(subject));
  expect(first.kinds).toHaveLength(new Set(subject.plants.map(({ kind }) => kind)).size);
  receiver.learn(first.kinds);
  expect(receiver.unpack(first.subject)).toEqual(across(subject));
  const again = across(sender.pack({ ...subject, plantedWeek: 3 }));
  expect(again.kinds).toEqual([]);
  expect(receiver.unpack(again.subject)).toEqual(across({ ...subject, plantedWeek: 3 }));
  expect(JSON.stringify(again).length).toBeLessThan(JSON.stringify(subject).length / 4);
});

test('a record that was changed crosses again, and what is drawn of it is another drawing', () => {
  const [plant] = subject.plants;
  const taller = { ...plant!.kind, heightCm: [80, 90] as const };
  const changed = {
    ...subject,
    plants: subject.plants.map((one) =>
      one.kind === plant!.kind ? { ...one, kind: taller } : one,
    ),
  };
  expect(numberOf(taller)).not.toBe(numberOf(plant!.kind));
  expect(subjectKey(changed)).not.toBe(subjectKey(subject));
  expect(subjectKey({ ...subject })).toBe(subjectKey(subject));
  const sender = new KindSender();
  sender.pack(subject);
  expect(sender.pack(changed).kinds.map(([, kind]) => kind)).toEqual([taller]);
});

test('a number nobody was told of is an error, not a hole in the planting', () => {
  expect(() => new KindReceiver().unpack(new KindSender().pack(subject).subject)).toThrow(
    'was never sent',
  );
});
