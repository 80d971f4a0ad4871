import type { Size } from '@/core/growth/foresee';
import type { Settings } from '@/core/files/plantingFile';
import { plantCost, PlantLine } from '@/core/shopping/plantCost';
import { countText, lengthFigure, moneyText, sizeName, whereText } from '@/words/format';
import { Keyed } from '@/words/names';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';

/** What to buy and where each goes, as a table to print. */
export function PrintTable({
  settings,
  keys,
  lines,
  sizes,
  it,
}: {
  readonly settings: Settings;
  readonly keys: readonly Keyed[];
  readonly lines: PlantLine[];
  readonly sizes: readonly Size[];
  readonly it: PlantingInSpot;
}) {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col" />
          <th scope="col">Plant</th>
          <th scope="col">To buy</th>
          <th scope="col">Grown, {settings.length}</th>
          <th scope="col">Set in, from the middle</th>
          <th scope="col">Price</th>
        </tr>
      </thead>
      <tbody>
        {keys.map(({ kind, letter, count }) => {
          const own = lines.filter(({ kindId }) => kindId === kind.id);
          const size = sizes[it.plants.findIndex(({ kindId }) => kindId === kind.id)];
          return (
            <tr key={kind.id}>
              <td>
                <b>{letter}</b>
              </td>
              <td>
                {kind.common}
                <br />
                <i>{kind.botanical}</i>
              </td>
              <td>
                {count} × {own.map((line) => sizeName(line.size, settings)).join(', ')}
              </td>
              <td>
                {size
                  ? `${lengthFigure(size.heightCm, settings.length)} high, ${lengthFigure(size.spreadCm, settings.length)} wide`
                  : ''}
              </td>
              <td>
                {it.plants
                  .filter(({ kindId }) => kindId === kind.id)
                  .map(({ xCm, zCm }) => whereText(xCm, zCm, settings.length))
                  .concat(sideText(it, kind.id))
                  .join('; ')}
              </td>
              <td>
                {moneyText(
                  own.reduce((sum, line) => sum + line.price, 0),
                  settings,
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
      <tfoot>
        <tr>
          <td />
          <td colSpan={4}>{countText(allPlants(it).length, 'plant')}</td>
          <td>
            <b>{moneyText(plantCost(allPlants(it)), settings)}</b>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}

/** "4 in side holes"; nothing where none is. */
function sideText({ sides }: PlantingInSpot, kindId: string): readonly string[] {
  const count = sides.filter((side) => side.kindId === kindId).length;
  return count === 0 ? [] : [`${count} in side holes`];
}
