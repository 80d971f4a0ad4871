import type { ShelfItem, ShelfStanding } from '@/core/shelf/shelf';
import { FileButton } from '@/ui/controls/FileButton';
import { countText } from '@/words/format';
import { Button } from '@/ui/controls/Button';

/** The shelf's heading, and what can be put on it. */
export function ShelfHead({
  stands,
  bringIn,
  saveAll,
  items,
}: {
  readonly stands: readonly ShelfStanding[] | undefined;
  readonly bringIn: (file: File) => Promise<void>;
  readonly saveAll: (items: readonly ShelfItem[]) => Promise<void>;
  readonly items: readonly ShelfItem[];
}) {
  return (
    <header className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-3">
      <h1 className="display text-room leading-10">Shelf</h1>
      <p className="pb-1.5 text-ink2">
        {stands &&
          (stands.length === 0
            ? 'No container of your own yet'
            : `${countText(
                stands.reduce((sum, { item }) => sum + item.count, 0),
                'container',
              )}, ${stands.reduce((sum, { empty }) => sum + empty, 0)} empty`)}
      </p>
      <p className="ml-auto flex flex-wrap gap-2 pb-1">
        <FileButton
          label="Shelf file to bring in"
          accept=".csv,text/csv"
          onFiles={([file]) => void bringIn(file!)}
        >
          Bring in a CSV
        </FileButton>
        {stands && stands.length > 0 && (
          <Button onClick={() => void saveAll(items)}>Save as CSV</Button>
        )}
      </p>
    </header>
  );
}
