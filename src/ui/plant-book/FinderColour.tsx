import { toHex } from '@/core/colour/oklch';
import { COLOUR_NAMES, NAMED_COLOURS, type ColourName } from '@/core/colour/names';
import { COLOUR_PARTS, type Query } from '@/core/search/query';
import { Choices } from '@/ui/controls/Choices';
import { Button } from '@/ui/controls/Button';

/** Colour, nearest by eye, and where it is to be seen. */
export function FinderColour({
  named,
  put,
  query,
}: {
  readonly named: ColourName | null | undefined;
  readonly put: (change: Partial<Query>) => void;
  readonly query: Query;
}) {
  return (
    <fieldset>
      <legend className="text-note text-ink2">Colour, nearest by eye</legend>
      <div role="radiogroup" aria-label="Colour" className="mt-1 grid grid-cols-9 gap-1">
        {COLOUR_NAMES.map((name) => (
          <Button
            look="bare"
            key={name}
            role="radio"
            aria-checked={named === name}
            aria-label={name}
            title={name}
            onClick={() =>
              put({
                colour:
                  named === name
                    ? null
                    : { at: NAMED_COLOURS[name], part: query.colour?.part ?? 'any part' },
              })
            }
            className={`h-6 border ${named === name ? 'border-ink outline-2 outline-ink' : 'border-rule2'}`}
            style={{ background: toHex(NAMED_COLOURS[name as ColourName]) }}
          />
        ))}
      </div>
      {query.colour && (
        <div className="pt-2">
          <Choices
            name="Where"
            value={query.colour.part}
            options={COLOUR_PARTS.map((part) => [part, part] as const)}
            onPick={(part) =>
              put({
                colour: { at: query.colour!.at, part: part as (typeof COLOUR_PARTS)[number] },
              })
            }
          />
        </div>
      )}
    </fieldset>
  );
}
