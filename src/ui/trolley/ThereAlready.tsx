import { useLibrary } from '@/ui/session/LibraryProvider';
import { inSentence } from '@/words/names';
import type { Shopping } from './useShopping';

/** What need not be bought, since it is in the shed or was bought before. */
export function ThereAlready({ there }: Pick<Shopping, 'there'>) {
  const { kindOf } = useLibrary();
  if (there.length === 0) return null;
  return (
    <p data-there className="mt-3 bg-paper px-3 py-2.5 text-lead">
      <b className="font-semibold">There already:</b>{' '}
      {there
        .map(({ kindId, plants }) => `${plants} ${inSentence(kindOf(kindId)?.common ?? kindId)}`)
        .join(', ')}
      .
    </p>
  );
}
