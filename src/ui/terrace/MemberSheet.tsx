import type { Gathered, Gathering } from '@/core/plantings/gathering';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { LengthField } from '@/ui/controls/fields';
import { benchHref } from '@/ui/session/links';
import type { RecordEditing } from '@/ui/session/useRecordEditing';
import type { Units } from '@/words/format';
import type { Standing } from './TerraceLine';
import { Range } from '@/ui/controls/Range';

interface MemberProps {
  readonly chosen: Standing | undefined;
  readonly editing: Pick<RecordEditing<Gathering>, 'record' | 'apply' | 'faults'>;
  readonly onChange: (plantingId: string, to: Partial<Gathered>, name: string) => void;
  readonly unit: Units['length'];
}

/** The container in hand: its place on the line by number. */
export function MemberSheet({ chosen, editing, onChange, unit }: MemberProps) {
  if (!chosen)
    return (
      <p className="text-ink2">
        Pick a container to set it out: drag it along, or use the arrow keys (up and down raise it
        on a stand, Page Up sets it back).
      </p>
    );
  const { record: group, apply, faults } = editing;
  const { member, it } = chosen;
  const { name } = it.planting;
  const change = (to: Partial<Gathered>, words: string) => onChange(member.plantingId, to, words);
  const leave = () =>
    apply(
      { members: group.members.filter(({ plantingId }) => plantingId !== member.plantingId) },
      `Took ${name} out of the group`,
    );
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4 pb-2">
        <h2 className="display text-name wrap-anywhere">{name}</h2>
        <ButtonLink look="link" href={benchHref(it.planting.id)}>
          Open on the bench
        </ButtonLink>
        <Button look="plain" className="ml-auto" onClick={leave}>
          Take it out of the group
        </Button>
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <LengthField
          name="Along the line"
          valueCm={member.atCm}
          unit={unit}
          onCm={(atCm) => change({ atCm }, `Moved ${name} along`)}
        />
        <LengthField
          name="Back from it"
          valueCm={member.backCm}
          unit={unit}
          onCm={(backCm) => change({ backCm }, `Set ${name} back`)}
        />
        <LengthField
          name="On a stand of"
          valueCm={member.raisedCm}
          unit={unit}
          onCm={(raisedCm) => change({ raisedCm }, `Raised ${name}`)}
        />
        <label className="grid gap-1 text-note text-ink2">
          Turned {member.turnDeg}°
          <Range
            aria-label="Turned"
            aria-valuetext={`${member.turnDeg} degrees`}
            min={-180}
            max={180}
            step={15}
            value={member.turnDeg}
            onValue={(next) => change({ turnDeg: next }, `Turned ${name}`)}
            className=""
          />
        </label>
      </div>
      {Object.values(faults).map((message) => (
        <p key={message} role="alert" className="pt-2">
          ▲ {message}
        </p>
      ))}
    </>
  );
}
