import { once } from './once';

describe('once', () => {
  it('works out each thing once, an answer of nothing too, and like things apart', () => {
    const asked: object[] = [];
    const answer = once((thing: { readonly n: number }) => {
      asked.push(thing);
      return thing.n > 0 ? thing.n : undefined;
    });
    const [one, like, none] = [{ n: 1 }, { n: 1 }, { n: 0 }];
    expect([answer(one), answer(one), answer(none), answer(none), answer(like)]).toEqual([
      1,
      1,
      undefined,
      undefined,
      1,
    ]);
    expect(asked).toEqual([one, none, like]);
  });

  it('holds nothing of what failed: it is asked again', () => {
    let times = 0;
    const answer = once(() => {
      times += 1;
      if (times === 1) throw new Error('not yet');
      return times;
    });
    const thing = {};
    expect(() => answer(thing)).toThrow('not yet');
    expect(answer(thing)).toBe(2);
  });
});
