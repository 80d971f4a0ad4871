'use client';

import type { PlantKind } from '@/core/plants/kind';
import { Button } from '@/ui/controls/Button';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { hereText } from '@/words/diary';
import type { Units } from '@/words/format';

/** What was seen of a kind in this garden and is laid over the book, with what it rests on; set aside or used again in one press. */
export function SeenHere({ kind, units }: { readonly kind: PlantKind; readonly units: Units }) {
  const store = useStore();
  const { seenAside = [] } = useSettings();
  const isAside = seenAside.includes(kind.id);
  const lines = hereText(kind, units);
  if (lines.length === 0 && !isAside) return null;
  const keep = (aside: readonly string[]) => void store?.settings.set({ seenAside: [...aside] });
  return (
    <div className="mt-1.5 border-l-4 border-act pl-2.5" data-here={isAside ? 'aside' : 'used'}>
      {isAside ? (
        <p>What was seen of it here is set aside: the book’s figures hold.</p>
      ) : (
        lines.map((line) => <p key={line}>{line}</p>)
      )}
      <Button
        look="plain"
        onClick={() =>
          keep(isAside ? seenAside.filter((id) => id !== kind.id) : [...seenAside, kind.id])
        }
      >
        {isAside ? 'Use what was seen' : 'Set it aside'}
      </Button>
    </div>
  );
}
