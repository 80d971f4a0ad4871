import { HALT } from '../../../tests/builders/halt';
import { known, planted } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import { colourName } from '../colour/names';
import { plantingOrderOf } from '../making/steps';
import type { PlantKind } from '../plants/kind';
import { decisionsFor, type Decision } from '../search/refresh';
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

test('cuttings stand by the colour of the plant they are of, each kind counted by itself', () => {
  // Two of one colour and two of another: one tray each, and no plant in the tray of its neighbour.
  const it = planted([
    ['pelargonium-scarlet', -9, 0],
    ['pelargonium-scarlet', -3, 3],
    ['fuchsia-bush-white', 6, 0],
    ['ivy-green', 3, -6],
  ]);
  const decisions = it.plants.map(({ id, kindId }) => ({
    place: id,
    kindId,
    what: 'cut back',
  })) as unknown as readonly Decision[];
  const { trays } = liftingOf(it, decisions);
  const colourOf = ({ bloom, foliage }: PlantKind) => colourName(bloom?.main ?? foliage.main);
  for (const { colour, kinds } of trays)
    for (const { kindId, plants } of kinds) {
      expect([kindId, colourOf(known(kindId))]).toEqual([kindId, colour]);
      expect([kindId, plants]).toEqual([
        kindId,
        it.plants.filter((plant) => plant.kindId === kindId).length,
      ]);
    }
  expect(trays.flatMap(({ kinds }) => kinds)).toHaveLength(3);
  expect(trays.length).toBeGreaterThan(1);
});
