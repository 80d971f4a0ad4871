import type { Container } from '@/core/containers/container';
import { MIX_PART_IDS, type MixPartId } from '@/core/containers/mixes';
import { NumberField, PickField, TextField } from '@/ui/controls/fields';
import { Button } from '@/ui/controls/Button';

/** The parts of a mix of one's own. */
export function OwnMixParts({
  own,
  put,
  faults,
  picked,
  setPicked,
}: {
  readonly own: NonNullable<Container['ownMix']>;
  readonly put: (change: Partial<Container>, name: string) => void;
  readonly faults: Readonly<Record<string, string>>;
  readonly picked: MixPartId;
  readonly setPicked: (part: MixPartId) => void;
}) {
  return (
    <div className="grid gap-1.5">
      <TextField
        name="Call it"
        value={own.name}
        onText={(name) => put({ ownMix: { ...own, name } }, 'Named the mix')}
      />
      {own.parts.map(({ part, share }, i) => (
        <div key={i} className="grid grid-cols-[1fr_90px_auto] items-end gap-3">
          <PickField
            name="Part"
            value={part}
            options={MIX_PART_IDS.map((id) => [id, id] as const)}
            onPick={(next) =>
              put(
                {
                  ownMix: {
                    ...own,
                    parts: own.parts.map((p, k) => (k === i ? { ...p, part: next } : p)),
                  },
                },
                'Changed a part',
              )
            }
          />
          <NumberField
            name="How many"
            places={1}
            value={share}
            error={faults[`container.ownMix.parts[${i}].share`]}
            onValue={(value) =>
              put(
                {
                  ownMix: {
                    ...own,
                    parts: own.parts.map((p, k) => (k === i ? { ...p, share: value } : p)),
                  },
                },
                'Changed a part',
              )
            }
          />
          <Button
            look="plain"
            className="pb-1.5"
            disabled={own.parts.length === 1}
            onClick={() =>
              put(
                { ownMix: { ...own, parts: own.parts.filter((_, k) => k !== i) } },
                'Took a part out',
              )
            }
          >
            Remove
          </Button>
        </div>
      ))}
      {own.parts.length < 8 && (
        <p className="grid grid-cols-[1fr_auto] items-end gap-3">
          <PickField
            name="Stir in"
            value={picked}
            options={MIX_PART_IDS.map((id) => [id, id] as const)}
            onPick={setPicked}
          />
          <Button
            look="link"
            className="pb-1.5"
            onClick={() =>
              put(
                { ownMix: { ...own, parts: [...own.parts, { part: picked, share: 1 }] } },
                'Stirred in a part',
              )
            }
          >
            Add one part
          </Button>
        </p>
      )}
    </div>
  );
}
