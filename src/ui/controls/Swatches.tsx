import { toHex, type Oklch } from '@/core/colour/oklch';
import type { PlantKind } from '@/core/plants/kind';
import { colourName } from '@/core/colour/names';

/** The colours of a kind in equal parts: leaf, second, vein, flower, throat. Never tinted, always edged. */
export function Swatches({
  kind,
  height = 14,
}: {
  readonly kind: PlantKind;
  readonly height?: number;
}) {
  const { foliage, bloom } = kind;
  const parts: (readonly [string, Oklch])[] = [['leaf', foliage.main]];
  if (foliage.second && foliage.pattern !== 'zone') parts.push(['leaf marking', foliage.second]);
  if (foliage.vein) parts.push(['vein', foliage.vein]);
  if (bloom) parts.push(['flower', bloom.main]);
  if (bloom?.second) parts.push(['second flower colour', bloom.second]);
  if (bloom?.eye) parts.push(['throat', bloom.eye]);
  if (kind.fruit) parts.push(['fruit', kind.fruit.colour]);
  return (
    <span
      role="img"
      aria-label={parts.map(([part, colour]) => `${part} ${colourName(colour)}`).join(', ')}
      className="flex border border-rule2"
      style={{ height }}
    >
      {parts.map(([part, colour]) => (
        <span key={part} className="min-w-1.5 flex-1" style={{ background: toHex(colour) }} />
      ))}
    </span>
  );
}
