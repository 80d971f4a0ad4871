import { RoomLink } from '@/ui/controls/RoomLink';
import { Swatches } from '@/ui/controls/Swatches';
import { plantHref } from '@/ui/session/links';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { hereText } from '@/words/diary';

/** What this garden has taught of kinds, those that did badly last. */
export function SeenKinds() {
  const settings = useSettings();
  const { kinds } = useLibrary();
  const seen = kinds
    .filter(({ here }) => here !== undefined)
    .sort((a, b) => a.here!.badly - b.here!.badly || (a.common < b.common ? -1 : 1));
  if (seen.length === 0) return null;
  return (
    <section aria-label="What was learnt here" className="mt-4 bg-paper px-4 py-3">
      <h2 className="text-lead font-semibold">What was learnt here</h2>
      <ul>
        {seen.map((kind) => (
          <li
            key={kind.id}
            data-seen={kind.id}
            className="border-t border-rule py-1.5 first:border-t-0"
          >
            <span className="flex items-center gap-2.5">
              <Swatches kind={kind} height={16} />
              <RoomLink
                href={plantHref(kind.id)}
                className="font-semibold underline decoration-rule2 underline-offset-3"
              >
                {kind.common}
              </RoomLink>
            </span>
            <span className="block text-ink2">{hereText(kind, settings).join(' ')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
