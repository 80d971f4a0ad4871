import { PLANT_COLUMNS, type PlantMapping } from '@/core/files/plantColumns';
import type { PlantsReading } from '@/core/files/plantsReading';
import type { Encoding } from '@/core/files/text';
import type { OwnKind } from '@/core/plants/own';
import { Button } from '@/ui/controls/Button';
import { PickField } from '@/ui/controls/fields';
import { countText } from '@/words/format';
import { More } from '@/ui/controls/More';
import { Tick } from '@/ui/controls/Tick';

const ENCODED: Readonly<Record<Encoding, string>> = {
  'utf-8': '',
  'utf-16': ', read as UTF-16',
  'windows-1252': ', read as western text',
};

/** What a file of plants would bring, before it is taken. */
export function FoundPlants({
  file,
  found,
  read,
  takeTheirs,
  setTakeTheirs,
  isReading,
  take,
}: {
  readonly file: { readonly name: string; readonly text: string; readonly encoding: Encoding };
  readonly found: PlantsReading;
  readonly read: (
    text: string,
    told: { readonly mapping?: PlantMapping; readonly takeTheirs?: boolean },
  ) => Promise<void>;
  readonly takeTheirs: boolean;
  readonly setTakeTheirs: (take: boolean) => void;
  /** A file is being read just now. */
  readonly isReading: boolean;
  readonly take: (records: readonly OwnKind[]) => Promise<void>;
}) {
  return (
    <>
      <p data-reading>
        <b className="font-semibold">{file.name}</b>
        {ENCODED[file.encoding]}: {countText(found.added, 'new plant')},{' '}
        {countText(found.changed, 'known one')} with something to add, {found.same} with nothing
        new, {countText(found.faulty, 'line')} that cannot be read.
      </p>
      {found.headings.length > 0 && (
        <More name="Which column is which" open={found.mapping.common == null}>
          <div className="grid grid-cols-2 gap-3 pt-2 sm:grid-cols-3">
            {PLANT_COLUMNS.map((column) => (
              <PickField
                key={column}
                name={column.replaceAll('_', ' ')}
                value={String(found.mapping[column] ?? '')}
                options={[
                  ['', 'none'],
                  ...found.headings.map(
                    (heading, i) => [String(i), heading || `column ${i + 1}`] as const,
                  ),
                ]}
                onPick={(at) =>
                  void read(file.text, {
                    mapping: { ...found.mapping, [column]: at === '' ? null : Number(at) },
                    takeTheirs,
                  })
                }
              />
            ))}
          </div>
        </More>
      )}
      {found.faulty > 0 && (
        <ul className="max-h-48 overflow-y-auto" data-faults>
          {found.faults.map(({ line, message }) => (
            <li key={line}>
              Line {line}: {message}
            </li>
          ))}
          {found.faulty > found.faults.length && (
            <li className="text-ink2">and {found.faulty - found.faults.length} more</li>
          )}
        </ul>
      )}
      {found.quarrelling > 0 && (
        <div>
          <p className="font-semibold">
            {countText(found.quarrelling, 'value')} of yours would change
          </p>
          <ul className="max-h-40 overflow-y-auto text-small" data-quarrels>
            {found.quarrels.map(({ line, name, field, mine, theirs }) => (
              <li key={`${line} ${field}`}>
                {name}, {field}: yours {mine}, the file {theirs}
              </li>
            ))}
          </ul>
          <Tick
            checked={takeTheirs}
            onChange={(event) => {
              setTakeTheirs(event.target.checked);
              void read(file.text, {
                mapping: found.mapping,
                takeTheirs: event.target.checked,
              });
            }}
          >
            Take the file’s; otherwise yours stay
          </Tick>
        </div>
      )}
      <Button
        look="act"
        className="justify-self-start"
        disabled={found.records.length === 0 || isReading}
        onClick={() => void take(found.records)}
      >
        {found.records.length === 0
          ? 'Nothing to bring in'
          : `Bring in ${countText(found.records.length, 'plant')}`}
      </Button>
    </>
  );
}
