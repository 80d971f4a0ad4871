import { type Query } from '@/core/search/query';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';

/** The search line of the plant book, and what opens beside it. */
export function BookHead({
  query,
  setQuery,
  compared,
  setWide,
  setSide,
}: {
  readonly query: Query;
  readonly setQuery: (next: Query) => void;
  readonly compared: readonly string[];
  readonly setWide: (next: 'found' | 'compare' | 'files') => void;
  readonly setSide: (next: 'kind' | 'tag') => void;
}) {
  return (
    <header className="flex flex-wrap items-end gap-x-5 gap-y-2 pb-3">
      <h1 className="display text-room leading-10">Plant book</h1>
      <label className="min-w-[260px] flex-1">
        <span className="sr-only">Find by name</span>
        <input
          type="search"
          placeholder="Name or word: salvia, lime, trailing"
          className={entryLook({ size: 'large', className: 'w-full' })}
          value={query.words}
          onChange={(event) => setQuery({ ...query, words: event.target.value })}
        />
      </label>
      <p className="flex gap-3 pb-1">
        {compared.length > 1 && (
          <Button look="act" onClick={() => setWide('compare')}>
            Compare {compared.length}
          </Button>
        )}
        <Button onClick={() => setSide('tag')}>Add from a tag</Button>
        <Button onClick={() => setWide('files')}>In and out</Button>
      </p>
    </header>
  );
}
