import { HALT } from '../../../tests/builders/halt';
import { read } from '../checks/reading';
import { plantingOrderOf } from '../making/steps';
import { decisionsFor } from '../search/refresh';
import { liftingOf } from './lifting';

test.each(HALT.map((it) => [it.planting.name, it] as const))(
  '%s is lifted in the order in which it was planted, backwards; each plant once, with what was decided',
  (_, it) => {
    for (const week of [4, 10, 16]) {
      const decisions = decisionsFor(it, week);
      const { lifts, trays } = liftingOf(it, decisions);
      expect(lifts.map(({ place }) => place).reverse()).toEqual([...plantingOrderOf(read(it))]);
      for (const { place, what, cuttings } of lifts) {
        const kind = it.plants.find(({ id }) => id === place)!.kind;
        expect(what).toBe(decisions.find((one) => one.place === place)!.what);
        // Of what stays as it is nothing comes off; an annual is sown again.
        if (what === 'keep' || kind.cycle === 'annual') expect(cuttings).toBeNull();
      }
      const inTrays = trays.flatMap(({ kinds }) => kinds.map(({ plants }) => plants));
      expect(inTrays.reduce((sum, one) => sum + one, 0)).toBe(
        lifts.filter(({ cuttings }) => cuttings !== null).length,
      );
      expect(new Set(trays.map(({ colour }) => colour)).size).toBe(trays.length);
    }
  },
);

test('somewhere at the Halt cuttings are taken, in trays of more than one colour', () => {
  const trays = HALT.flatMap((it) => liftingOf(it, decisionsFor(it, 16)).trays);
  expect(trays.length).toBeGreaterThan(1);
});
