'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { toHex } from '@/core/colour/oklch';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { belowCm, drawnHeightPx, POT_HEIGHT_CM } from '@/ui/plant-book/grown';
import type { PlantKind } from '@/core/plants/kind';
import { SCHEME_PLANTS, shownColour, type ShownScheme } from './schemePlants';

const KindDrawn = dynamic(() => import('@/ui/plant-book/KindDrawn').then((m) => m.KindDrawn), {
  ssr: false,
});

/** Size of one plant of a swatch, px, and how near it is looked at, px a cm: flowers and leaves rather than the plant. */
const WIDTH_PX = 33;
const HEIGHT_PX = 30;
const PX_PER_CM = 2.4;
/** Seen above where flowers begin, px. */
const ABOVE_PX = 3;
/** The plantings that are proposed are drawn before the swatches are, ms. */
const AFTER_MS = 2500;

/** What a scheme means, by plants of the book: their colours at once, then the plants as they are drawn. */
export function SchemeSwatch({ scheme }: { readonly scheme: ShownScheme }) {
  const { kindOf } = useLibrary();
  const [isDrawn, setDrawn] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setDrawn(true), AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <span className="mt-1 flex" aria-hidden>
      {SCHEME_PLANTS[scheme].map(([id, part]) => {
        const plant = kindOf(id);
        if (!plant) return null;
        return (
          <span
            key={id}
            className="relative block overflow-hidden"
            style={{
              width: WIDTH_PX,
              height: HEIGHT_PX,
              background: toHex(shownColour(plant, part)),
            }}
          >
            {isDrawn && (
              <span className="absolute left-0 bg-field" style={{ top: -aboveFlowersPx(plant) }}>
                <KindDrawn kind={plant} pxPerCm={PX_PER_CM} widthPx={WIDTH_PX} />
              </span>
            )}
          </span>
        );
      })}
    </span>
  );
}

/** How far under the top of its drawing a plant's flowers begin, px: at the rim for what trails, else where a low one of its kind has them. */
function aboveFlowersPx(plant: PlantKind): number {
  const [least] = plant.heightCm;
  const flowersCm = plant.trailCm ? POT_HEIGHT_CM : POT_HEIGHT_CM + 0.9 * least;
  const down = drawnHeightPx(plant, PX_PER_CM) - (belowCm(plant) + flowersCm) * PX_PER_CM;
  return Math.max(0, Math.round(down - ABOVE_PX));
}
