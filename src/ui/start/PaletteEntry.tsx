'use client';

import { useState } from 'react';
import { toHex } from '@/core/colour/oklch';
import { FileButton } from '@/ui/controls/FileButton';
import { readText } from '@/ui/session/readText';
import { readPalette } from '@/core/colour/palette';

/** Largest palette file read, bytes. */
const MOST_BYTES = 1_000_000;

/** A palette brought in from a file: `#rrggbb` anywhere in it, or rows of red, green and blue. It stays on the device. */
export default function PaletteEntry({
  colours,
  onColours,
}: {
  readonly colours: readonly string[];
  readonly onColours: (colours: readonly string[]) => void;
}) {
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
    const given = await readText(file, MOST_BYTES);
    if (!given.ok) return setFault(given.message);
    const read = readPalette(given.text, file.name);
    if (!read.ok) return setFault(read.message);
    setFault(null);
    onColours(read.colours.map(toHex));
  };
  return (
    <div className="pt-2">
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
        <FileButton
          label="Palette file"
          accept=".txt,.css,.json,.csv,.gpl,text/*"
          onFiles={([file]) => void take(file!)}
        >
          {colours.length > 0 ? 'Another palette' : 'Bring in a palette'}
        </FileButton>
      </p>
      {fault && (
        <p role="alert" className="mt-0.5 text-note leading-4 font-semibold">
          ▲ {fault}
        </p>
      )}
    </div>
  );
}
