import { read } from '@/core/checks/reading';
import { rolesPlayed } from '@/core/checks/rolesPlayed';
import { plantingOrderOf } from '@/core/making/steps';
import type { Label } from '@/core/making/labels';
import { labelPages } from '@/core/making/labels';
import { reducedPage } from '@/core/making/reduced';
import { tilesOf, type PaperId, type Sheet, type SheetPage } from '@/core/making/sheet';
import { templateOf } from '@/core/making/template';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { sizeText } from './containers';
import { countText, sizeName, type Units } from './format';
import { keyed, ROLE_NAMES } from './names';

/** What may be printed of a planting. */
export const PARTS = ['template', 'board', 'plan', 'labels'] as const;
export type Part = (typeof PARTS)[number];

export interface TemplateAsk {
  readonly part: Part;
  readonly paper: PaperId;
  readonly marginMm: number;
  readonly drip: boolean;
}

export type TemplatePages =
  | { readonly ok: true; readonly pages: readonly SheetPage[]; readonly sheet: Sheet | null }
  | { readonly ok: false; readonly message: string };

/** Pages of one part of a planting, or why there are none. */
export function templatePages(
  it: PlantingInSpot,
  { part, paper, marginMm, drip }: TemplateAsk,
  units: Units,
  origin: string,
): TemplatePages {
  if (part === 'labels')
    return { ok: true, pages: labelPages(labelsOf(it, origin), paper), sheet: null };
  const sheet = sheetOf(it, { drip, board: part === 'board' }, units);
  if (part === 'plan')
    return { ok: true, pages: [reducedPage(sheet, paper, listOf(it, units))], sheet: null };
  const tiled = tilesOf(sheet, paper, marginMm);
  if (tiled.ok) return { ok: true, pages: tiled.pages, sheet };
  return {
    ok: false,
    message:
      tiled.fault.kind === 'margin'
        ? `Printers leave 3 to 60 mm white at the edge; got ${Number.isFinite(marginMm) ? `${marginMm} mm` : 'no number'}.`
        : `It would take ${tiled.fault.tiles} pages; 40 is the most. Choose a larger paper, or the plan on one page.`,
  };
}

function sheetOf(
  it: PlantingInSpot,
  { drip, board }: { readonly drip: boolean; readonly board: boolean },
  units: Units,
): Sheet {
  const letters = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  const reading = read(it);
  const roles = new Map(rolesPlayed(reading).map(({ plant, role }) => [plant.id, role]));
  const order = plantingOrderOf(reading);
  const { container, name } = it.planting;
  return templateOf(it, {
    drip,
    board,
    words: {
      title: `${name}: ${container.name.toLowerCase()}, ${sizeText(container.shape, units.length)} ${units.length}`,
      front: 'front',
      letterOf: ({ kindId }) => letters.get(kindId) ?? '',
      underOf: ({ id }) =>
        `${order.indexOf(id) + 1} ${ROLE_NAMES[roles.get(id) ?? 'body'].toLowerCase()}`,
    },
  });
}

/** "A: small red chilli, 1 × 9 cm pot" */
function listOf(it: PlantingInSpot, units: Units): readonly string[] {
  return keyed(it).map(({ kind, letter, count }) => {
    const size = allPlants(it).find(({ kindId }) => kindId === kind.id)!.size;
    return `${letter}: ${kind.common} (${kind.botanical}), ${count} × ${sizeName(size, units)}`;
  });
}

/** One label for the planting, and one for each kind. */
function labelsOf(it: PlantingInSpot, origin: string): readonly Label[] {
  const { planting, spot } = it;
  const address = `${origin}/bench?planting=${encodeURIComponent(planting.id)}`;
  return [
    {
      title: planting.name,
      lines: [planting.container.name, spot.name, countText(allPlants(it).length, 'plant')],
      address,
    },
    ...keyed(it).map(({ kind }) => ({
      title: kind.common,
      lines: [kind.botanical, planting.name, spot.name],
      address,
    })),
  ];
}
