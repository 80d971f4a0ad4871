import { lineMinor, type BuyLine } from '@/core/making/list';
import { STOPS } from '@/core/shopping/stops';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Units } from './format';
import { amountText, lineName, minorText, orElseText } from './making';

/** Where a line is bought. */
export function stopOfLine({ stop }: BuyLine): string {
  return STOPS.find(({ id }) => id === stop)?.name ?? 'Anywhere';
}

/** The list as words to send to somebody: a heading for every stop, a line for every thing. */
export function listText(
  lines: readonly BuyLine[],
  kindOf: (id: KindId) => PlantKind | null,
  units: Units,
): string {
  const stops = [...new Set(lines.map(stopOfLine))];
  return stops
    .map((stop) =>
      [
        stop,
        ...lines
          .filter((line) => stopOfLine(line) === stop)
          .map((line) =>
            [
              `- ${lineName(line, kindOf)}: ${amountText(line, units)}`,
              orElseText(line, kindOf, units),
              minorText(lineMinor(line), units),
            ]
              .filter(Boolean)
              .join(', '),
          ),
      ].join('\n'),
    )
    .join('\n\n');
}
