import { NAMED_MOST } from '@/core/colour/schemes';
import { Button } from '@/ui/controls/Button';
import { NAMEABLE_COLOURS } from './nameable';

/** Colours by name, up to three: a press takes one or lets it go; a fourth takes the place of the first. */
export default function NamedColours({
  colours,
  onColours,
}: {
  readonly colours: readonly string[];
  readonly onColours: (colours: readonly string[]) => void;
}) {
  const press = (hex: string) => {
    const others = colours.filter((each) => each !== hex);
    if (others.length === colours.length) return onColours([...colours, hex].slice(-NAMED_MOST));
    // One at least stays.
    if (others.length > 0) onColours(others);
  };
  return (
    <div className="pt-2">
      <p className="pb-1 text-note text-ink2">Up to three; each of them is to be seen.</p>
      <div role="group" aria-label="Colours to see" className="flex flex-wrap gap-1.5">
        {NAMEABLE_COLOURS.map(({ name, hex }) => (
          <Button
            key={hex}
            look="choice"
            aria-pressed={colours.includes(hex)}
            onClick={() => press(hex)}
            className="flex items-center gap-1.5"
          >
            <i
              aria-hidden
              className="inline-block size-4 border border-rule2"
              style={{ background: hex }}
            />
            {name}
          </Button>
        ))}
      </div>
    </div>
  );
}
