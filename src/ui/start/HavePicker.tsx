'use client';

import dynamic from 'next/dynamic';
import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import type { ShelfItem } from '@/core/shelf/shelf';
import { Button } from '@/ui/controls/Button';
import { HAVE, HAVES, isHave, type Have } from './haves';

const HaveDrawn = dynamic(() => import('./HaveDrawn'), { ssr: false });

const PICTURE = { widthPx: 72, heightPx: 54 } as const;
/** So many are in sight before all are asked for: two rows. */
const FIRST = 8;

/** What somebody has to plant, by drawing: what stands empty on the shelf first, then every shape. */
export function HavePicker({
  free,
  chosen,
  have,
  onHave,
  onContainer,
}: {
  readonly free: readonly ShelfItem[];
  readonly chosen: ShelfItem | null;
  readonly have: Have;
  readonly onHave: (have: Have) => void;
  readonly onContainer: (id: string) => void;
}) {
  const all = [...free.map(({ id }) => id), ...HAVES];
  const value = chosen?.id ?? have;
  // What was picked is in sight, wherever it stands.
  const [isWhole, setWhole] = useState(() => all.indexOf(value) >= FIRST);
  const shown = isWhole ? all : all.slice(0, FIRST);
  return (
    <>
      <RadioGroup.Root
        aria-label="What have you got?"
        value={value}
        onValueChange={(picked) => (isHave(picked) ? onHave(picked) : onContainer(picked))}
        className="grid grid-cols-4 gap-1"
      >
        {shown.map((id) => {
          const own = free.find((item) => item.id === id);
          return (
            <RadioGroup.Item
              key={id}
              value={id}
              className="flex min-h-11 flex-col items-center border-[1.5px] border-transparent px-0.5 pt-1 pb-1 text-center text-note leading-3.5 hover:border-rule2 data-[state=checked]:border-ink data-[state=checked]:bg-wash data-[state=checked]:font-semibold"
            >
              <span className="flex h-[56px] items-end" aria-hidden>
                <HaveDrawn
                  have={isHave(id) ? id : 'round'}
                  {...(own ? { container: own.container } : {})}
                  {...PICTURE}
                />
              </span>
              <span className="mt-auto wrap-anywhere">
                {own ? `${own.container.name}, yours` : HAVE[id as Have].name}
              </span>
            </RadioGroup.Item>
          );
        })}
      </RadioGroup.Root>
      {all.length > FIRST && (
        <Button look="plain" className="mt-1" onClick={() => setWhole(!isWhole)}>
          {isWhole ? 'Fewer' : `All ${all.length}`}
        </Button>
      )}
    </>
  );
}
