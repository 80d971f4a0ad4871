import type { OwnKind } from '@/core/plants/own';
import { toPlantsCsv } from '@/core/files/plantsCsvOut';
import type { Library } from '@/core/plants/library';
import { Button } from '@/ui/controls/Button';
import { FileButton } from '@/ui/controls/FileButton';
import { saveFile } from '@/ui/session/saveFile';

/** Files of plants in and out. */
export function PlantsDoors({
  open,
  own,
  library,
  onClose,
}: {
  readonly open: (picked: File) => Promise<void>;
  readonly own: readonly OwnKind[];
  readonly library: Library;
  readonly onClose: () => void;
}) {
  return (
    <p className="flex flex-wrap gap-3">
      <FileButton
        label="Plants file to bring in"
        accept=".csv,.json,text/csv,application/json,.txt"
        onFiles={([picked]) => void open(picked!)}
      >
        Open a CSV or JSON file
      </FileButton>
      <Button
        disabled={own.length === 0}
        onClick={() =>
          saveFile(
            'my-plants.csv',
            'text/csv',
            toPlantsCsv(
              library.kinds.filter(({ id }) => library.ownOf(id)),
              library,
            ),
          )
        }
      >
        Save mine as CSV
      </Button>
      <Button
        disabled={own.length === 0}
        onClick={() =>
          saveFile(
            'my-plants.json',
            'application/json',
            `${JSON.stringify({ format: 'rillbank-plants', version: 1, plants: own }, null, 1)}\n`,
          )
        }
      >
        Save mine as JSON
      </Button>
      <Button
        onClick={() => saveFile('plant-book.csv', 'text/csv', toPlantsCsv(library.kinds, library))}
      >
        Save the whole book as CSV
      </Button>
      <Button look="plain" className="ml-auto" onClick={onClose}>
        Close
      </Button>
    </p>
  );
}
