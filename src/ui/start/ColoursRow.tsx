import dynamic from 'next/dynamic';
import { RadioGroup } from 'radix-ui';
import { toHex } from '@/core/colour/oklch';
import { COLOUR_SCHEMES, PLAIN_SCHEMES } from '@/core/colour/schemes';
import type { Spot } from '@/core/spots/spot';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { SCHEME_NAMES } from '@/words/names';
import { setter, type RowProps } from './formOf';
import { SheetRow } from './sheetParts';
import { LOVED_COLOURS, needsColour, type StartForm, type StartReading } from './startForm';

const NamedColours = dynamic(() => import('./NamedColours'), { ssr: false });
/** As high as a swatch is: nothing moves when it comes. */
const SchemeSwatch = dynamic(() => import('./SchemeSwatch').then((m) => m.SchemeSwatch), {
  ssr: false,
  loading: () => <span aria-hidden className="mt-1 block h-7.5" />,
});
const PaletteEntry = dynamic(() => import('./PaletteEntry'), { ssr: false });

/** The colour scheme: by feel, or from a colour that is there or loved. */
export function ColoursRow({
  form,
  values,
  reading,
  given,
}: RowProps & { readonly given: Spot | null }) {
  const set = setter(form);
  const sources = colourSources(reading, given);
  return (
    <SheetRow title="Colours">
      <RadioGroup.Root
        aria-label="Colour scheme"
        value={values.scheme}
        onValueChange={(scheme) => set('scheme', scheme as StartForm['scheme'])}
      >
        <span className="block pb-1 text-note text-ink2">By feel</span>
        <span className="grid grid-cols-[repeat(auto-fill,minmax(157px,1fr))] gap-1.5">
          {(['any', ...PLAIN_SCHEMES] as const).map((kind) => (
            <RadioGroup.Item key={kind} value={kind} className={buttonLook({ look: 'choice' })}>
              {kind === 'any' ? 'Any that suit' : SCHEME_NAMES[kind]}
              <SchemeSwatch scheme={kind} />
            </RadioGroup.Item>
          ))}
        </span>
        <span className="block pt-2 pb-1 text-note text-ink2">From a colour</span>
        <span className="flex flex-wrap gap-1.5">
          {(['named', ...COLOUR_SCHEMES, 'palette'] as const).map((kind) => (
            <RadioGroup.Item key={kind} value={kind} className={buttonLook({ look: 'choice' })}>
              {SCHEME_NAMES[kind]}
            </RadioGroup.Item>
          ))}
        </span>
      </RadioGroup.Root>
      {values.scheme === 'named' && (
        <NamedColours colours={values.named} onColours={(named) => set('named', named)} />
      )}
      {values.scheme === 'palette' && (
        <PaletteEntry colours={values.palette} onColours={(palette) => set('palette', palette)} />
      )}
      {needsColour(values.scheme) && sources.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-2 text-note">
          {sources.map(({ name, hex }) => (
            <Button
              look="bare"
              key={name}
              aria-pressed={values.colour === hex}
              onClick={() => set('colour', hex)}
              className="flex items-center gap-1.5 font-semibold underline decoration-rule2 underline-offset-3 aria-pressed:decoration-ink"
            >
              <i
                aria-hidden
                className="inline-block size-4 border border-rule2"
                style={{ background: hex }}
              />
              {name}
            </Button>
          ))}
        </p>
      )}
      {needsColour(values.scheme) && (
        <RadioGroup.Root
          aria-label="Colour to start from"
          value={values.colour}
          onValueChange={(hex) => set('colour', hex)}
          className="mt-2 flex flex-wrap gap-1.5"
        >
          {LOVED_COLOURS.map(({ name, hex }) => (
            <RadioGroup.Item
              key={hex}
              value={hex}
              aria-label={name}
              title={name}
              className="size-7 border-[1.5px] border-rule2 data-[state=checked]:border-[3px] data-[state=checked]:border-ink"
              style={{ background: hex }}
            />
          ))}
        </RadioGroup.Root>
      )}
    </SheetRow>
  );
}

/** Colours that are there already: the pot's and what stands behind. */
function colourSources(
  reading: StartReading,
  given: Spot | null,
): readonly { readonly name: string; readonly hex: string }[] {
  const pot = reading.ok ? [{ name: 'the pot’s', hex: toHex(reading.container.colour) }] : [];
  return [
    ...pot,
    ...(given?.background ?? []).map(({ name, colour }) => ({
      name: `${name.charAt(0).toLowerCase()}${name.slice(1)} behind`,
      hex: toHex(colour),
    })),
  ];
}
