import { toHex } from '@/core/colour/oklch';
import type { PlantKind } from '@/core/plants/kind';
import { type Weeks } from '@/core/plants/season';
import { weeksBetween } from '@/core/units/units';
import { dateText } from '@/words/format';

const WEEKS = 52;

/** In leaf, in flower and in fruit through the year, as bars on a year ruled by months. */
export function YearStrip({ kind }: { readonly kind: PlantKind }) {
  const { foliage, bloom, fruit } = kind;
  const bars: readonly (readonly [string, Weeks | null, string])[] = [
    ['leaf', kind.inLeaf, toHex(foliage.main)],
    ['flower', bloom?.weeks ?? null, bloom ? toHex(bloom.main) : ''],
    ['fruit', fruit?.weeks ?? null, fruit ? toHex(fruit.colour) : ''],
  ];
  const shown = bars.filter(([, weeks]) => weeks !== null);
  return (
    <div
      className="px-4 pt-3 pb-2"
      role="img"
      aria-label={shown
        .map(([name, weeks]) =>
          weeks![0] === 1 && weeks![1] === 52
            ? `In ${name} all year`
            : `In ${name} ${dateText(weeks![0])} to ${dateText(weeks![1])}`,
        )
        .join('; ')}
    >
      {shown.map(([name, weeks, colour]) => (
        <div
          key={name}
          className="grid grid-cols-[44px_1fr] items-center gap-2 py-0.5 text-note text-ink2"
        >
          <span>{name}</span>
          <span className="relative h-3 bg-field">
            {pieces(weeks!).map(([from, length]) => (
              <span
                key={from}
                className="absolute inset-y-0 border border-rule2"
                style={{
                  left: `${(from / WEEKS) * 100}%`,
                  width: `${(length / WEEKS) * 100}%`,
                  background: colour,
                }}
              />
            ))}
          </span>
        </div>
      ))}
      <div className="grid grid-cols-[44px_1fr] gap-2 text-mark text-ink2">
        <span />
        <span className="grid grid-cols-12 border-t-[1.5px] border-tick">
          {'JFMAMJJASOND'.split('').map((letter, i) => (
            <span key={i} className="border-l border-tick pl-0.5">
              {letter}
            </span>
          ))}
        </span>
      </div>
    </div>
  );
}

/** A stretch of weeks as pieces of one calendar year. */
function pieces([from, to]: Weeks): readonly (readonly [from: number, length: number])[] {
  const length = weeksBetween(from, to) + 1;
  return from - 1 + length <= WEEKS
    ? [[from - 1, length]]
    : [
        [from - 1, WEEKS - from + 1],
        [0, length - (WEEKS - from + 1)],
      ];
}
