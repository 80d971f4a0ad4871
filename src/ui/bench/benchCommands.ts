import { arranged, type Pattern } from '@/core/placing/arrange';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Command } from '@/ui/session/commands';
import type { Editing } from '@/ui/session/useEditing';
import { stepText } from '@/words/done';
import { inSentence } from '@/words/names';
import { viewName } from '@/words/looking';
import { editOfKey } from './stencilKeys';
import type { LookingHere } from './useLooking';
import type { Taking } from './useTaking';

/** What the Bench is at when a command is run. */
export interface BenchState {
  readonly editing: Editing;
  readonly kindOf: (id: KindId) => PlantKind | null;
  readonly selection: readonly string[];
  readonly onSelect: (places: readonly string[]) => void;
  readonly weeks: number;
  readonly onWeeks: (weeks: number) => void;
  readonly last: number;
  readonly looking: LookingHere;
  readonly onWalk: () => void;
  readonly onStrip: () => void;
  readonly taking: Taking;
}

/** Everything that can be done on the Bench by name. */
export function commandsOf(at: () => BenchState): readonly Command[] {
  const {
    editing: { it, planting, history },
    selection,
    looking,
    kindOf,
  } = at();
  const commands: Command[] = [];
  const add = (group: string, name: string, run: () => void, keys?: string) =>
    commands.push({ id: `bench ${group} ${name}`, group, name, run, ...(keys ? { keys } : {}) });
  if (history.past.length > 0)
    add(
      'Planting',
      `Undo: ${stepText(history.past[history.past.length - 1]!, kindOf)}`,
      () => at().editing.undo(),
      'Ctrl Z',
    );
  if (history.future.length > 0)
    add(
      'Planting',
      `Redo: ${stepText(history.future[0]!, kindOf)}`,
      () => at().editing.redo(),
      'Ctrl Shift Z',
    );
  add('Planting', 'Copy in words', () => void at().taking.copyWords());
  add('Planting', 'Print a sheet', () => void at().taking.print());
  add('Planting', 'Save the picture as PNG', () => void at().taking.save('png'));
  add('Planting', 'Save the drawing as SVG', () => void at().taking.save('svg'));
  const pattern = (how: Pattern) => {
    const { editing, selection: ids } = at();
    const chosen = ids.length > 0 ? ids : editing.planting.places.map(({ id }) => id);
    editing.apply({
      kind: 'arrange',
      how,
      places: arranged(
        editing.planting.container,
        editing.planting.places,
        chosen,
        how,
        editing.it.plants,
      ),
    });
  };
  const whom = selection.length > 0 ? 'what is picked' : 'all';
  if (planting.places.length > 0) {
    add('Set out', `Set ${whom} round the rim`, () => pattern('ring'));
    add('Set out', `Set ${whom} in a zigzag`, () => pattern('zigzag'));
    add('Set out', `Set ${whom} on the thirds`, () => pattern('thirds'));
    add(
      'Pick',
      'Pick all plants',
      () => at().onSelect(at().editing.planting.places.map(({ id }) => id)),
      'Ctrl A',
    );
  }
  it.plants.forEach(({ id, kind }, i) =>
    add(
      'Pick',
      `Pick ${inSentence(kind.common)}, number ${it.plants.slice(0, i + 1).filter((other) => other.kindId === kind.id).length}`,
      () => at().onSelect([id]),
    ),
  );
  if (selection.length > 0)
    for (const [name, keyName, keys, shiftKey] of [
      ['Turn by 15°', 'r', 'R', false],
      ['Slant outward by 5°', 't', 'T', false],
      ['Set upright again by 5°', 't', 'Shift T', true],
      ['Put a copy beside it', 'd', 'D', false],
      ['Lock or let go', 'l', 'L', false],
      ['Take out', 'Delete', 'Delete', false],
    ] as const)
      add(
        'What is picked',
        name,
        () => {
          const edit = editOfKey({ key: keyName, shiftKey }, at().editing.planting, at().selection);
          if (edit) at().editing.apply(edit);
        },
        keys,
      );
  add('Look', 'Look straight on', () => at().looking.lookFrom(null));
  for (const view of looking.views)
    add('Look', `Look from: ${viewName(view)}`, () => at().looking.lookFrom(view));
  for (const [name, deg] of [
    ['front', 0],
    ['right', 90],
    ['back', 180],
    ['left', -90],
  ] as const)
    add('Look', `Turn to the ${name}`, () => at().looking.turn(deg));
  add('Look', 'Walk past', () => at().onWalk());
  add('Look', 'Compare weeks side by side', () => at().onStrip());
  add('Look', 'A person for scale, or none', () =>
    at().looking.put({ figure: at().looking.figure === 'person' ? 'none' : 'person' }),
  );
  for (const [name, weeks] of [
    ['planting day', 0],
    ['six weeks on', 6],
    ['twelve weeks on', 12],
    ['the end of the season', at().last],
  ] as const)
    add('Week', `Show ${name}`, () => at().onWeeks(Math.min(weeks, at().last)));
  return commands;
}
