'use client';

import { useState } from 'react';
import { colourName } from '@/core/colour/names';
import { fromRgb, toHex, type Oklch, type Rgb } from '@/core/colour/oklch';
import { balanced, gainsFrom, type Gains, type NoGrey } from '@/core/colour/whiteBalance';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { PhotoCanvas } from '@/ui/controls/PhotoCanvas';

/** Widest a photograph is shown, px. */
const WIDEST_PX = 360;

const NO_GREY: Readonly<Record<NoGrey, string>> = {
  'too dark': 'That is too dark to tell the light by: choose something brighter.',
  'too bright':
    'That is so bright that its colour is lost: choose something grey, or white in shade.',
  'too coloured': 'That has a colour of its own: choose something white or grey.',
};

/** A colour taken from a photograph, in white light where something white or grey in it was shown first. */
export function PhotoPick({
  photo,
  onColour,
}: {
  readonly photo: ImageBitmap;
  readonly onColour: (part: 'leaf' | 'flower', colour: Oklch) => void;
}) {
  const [asks, setAsks] = useState<'colour' | 'white'>('colour');
  const [picked, setPicked] = useState<Rgb | null>(null);
  const [gains, setGains] = useState<Gains | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const pick = (colour: Rgb) => {
    setFault(null);
    if (asks === 'colour') return setPicked(colour);
    const found = gainsFrom(colour);
    if (typeof found === 'string') return setFault(NO_GREY[found]);
    setGains(found);
    setAsks('colour');
  };
  const colour = picked && fromRgb(gains ? balanced(picked, gains) : picked);
  return (
    <div className="grid gap-2">
      <Choices
        name="What is pressed"
        value={asks}
        options={[
          ['white', 'Something white or grey'],
          ['colour', 'The colour'],
        ]}
        onPick={setAsks}
      />
      <PhotoCanvas
        photo={photo}
        widestPx={WIDEST_PX}
        label="The photograph: press where the colour is"
        onPick={pick}
      />
      <p className="text-note text-ink2" data-balanced={gains ? true : undefined}>
        {asks === 'white'
          ? 'Press a white or grey thing in it: a label, a pot, a card. Its light is then taken out of the colours.'
          : gains
            ? 'In white light now. Press where the colour is.'
            : 'Press where the colour is. In evening light or shade, press something white or grey first.'}
      </p>
      {fault && (
        <p role="alert" className="text-note font-semibold">
          ▲ {fault}
        </p>
      )}
      {colour && (
        <p className="flex flex-wrap items-center gap-3">
          <svg width={28} height={28} aria-hidden>
            <rect width={28} height={28} fill={toHex(colour)} stroke="var(--rule2)" />
          </svg>
          <span data-picked>{colourName(colour)}</span>
          <Button look="link" onClick={() => onColour('leaf', colour)}>
            Its leaf
          </Button>
          <Button look="link" onClick={() => onColour('flower', colour)}>
            Its flower
          </Button>
        </p>
      )}
    </div>
  );
}
