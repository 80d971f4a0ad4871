'use client';

import { useRef, useState } from 'react';
import { toHex } from '@/core/colour/oklch';
import { paletteFrom } from '@/core/colour/palette';

/** Largest palette file read, bytes. */
const MOST_BYTES = 1_000_000;

/** A palette brought in from a file: `#rrggbb` anywhere in it, or rows of red, green and blue. It stays on the device. */
export function PaletteEntry({
  colours,
  onColours,
}: {
  readonly colours: readonly string[];
  readonly onColours: (colours: readonly string[]) => void;
}) {
  const picker = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
    if (file.size > MOST_BYTES)
      return setFault(`${file.name} is larger than 1 MB: that is no palette.`);
    const found = paletteFrom(await file.text());
    if (found.length === 0)
      return setFault(`${file.name} holds no colours: #rrggbb, or rows of three numbers 0–255.`);
    setFault(null);
    onColours(found.map(toHex));
  };
  return (
    <div className="pt-2">
      <input
        ref={picker}
        type="file"
        className="sr-only"
        aria-label="Palette file"
        accept=".txt,.css,.json,.csv,.gpl,text/*"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void take(file);
          event.target.value = '';
        }}
      />
      <p className="flex flex-wrap items-center gap-1.5">
        {colours.map((hex) => (
          <i
            key={hex}
            title={hex}
            aria-label={hex}
            className="inline-block size-7 border border-rule2"
            style={{ background: hex }}
          />
        ))}
        <button type="button" className="press-quiet" onClick={() => picker.current?.click()}>
          {colours.length > 0 ? 'Another palette' : 'Bring in a palette'}
        </button>
      </p>
      {fault && (
        <p role="alert" className="mt-0.5 text-[12.5px] leading-4 font-semibold">
          ▲ {fault}
        </p>
      )}
    </div>
  );
}
