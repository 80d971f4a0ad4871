'use client';

import { Slider } from 'radix-ui';

const STOPS = [
  { deg: -180, name: 'Back' },
  { deg: -90, name: 'Left' },
  { deg: 0, name: 'Front' },
  { deg: 90, name: 'Right' },
  { deg: 180, name: 'Back' },
] as const;

/** Turns the stand-back view. Arrow keys turn by 15°. */
export function TurnSlider({
  turnDeg,
  onTurn,
}: {
  readonly turnDeg: number;
  readonly onTurn: (deg: number) => void;
}) {
  return (
    <div className="grid grid-cols-[48px_1fr] pt-2">
      <span className="text-small font-semibold">Turn</span>
      <div>
        <Slider.Root
          min={-180}
          max={180}
          step={15}
          value={[turnDeg]}
          onValueChange={([deg]) => onTurn(deg!)}
          className="relative flex h-5 touch-none items-center select-none"
        >
          <Slider.Track className="relative h-[9px] flex-1 border-y-[1.5px] border-tick bg-strip" />
          <Thumb label="Turn the view" text={`${turnDeg} degrees`} />
        </Slider.Root>
        <div className="relative mt-1 h-4 text-note" aria-hidden>
          {STOPS.map(({ deg, name }, i) => (
            <span
              key={deg}
              className={deg === turnDeg ? 'absolute font-bold' : 'absolute'}
              style={{
                left: `${(deg + 180) / 3.6}%`,
                transform: `translateX(${i === 0 ? 0 : i === 4 ? -100 : -50}%)`,
              }}
            >
              {name}
            </span>
          ))}
        </div>
      </div>
    </div>
  );
}

/** The pointed thumb of every slider. */
export function Thumb({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <Slider.Thumb aria-label={label} aria-valuetext={text} className="block outline-offset-1">
      <svg width={14} height={24} aria-hidden className="block">
        <path d="M1 0h12v17l-6 7-6-7z" fill="var(--ink)" />
        <line x1={7} x2={7} y1={5} y2={13} stroke="var(--zinc)" strokeWidth={1.6} />
      </svg>
    </Slider.Thumb>
  );
}
