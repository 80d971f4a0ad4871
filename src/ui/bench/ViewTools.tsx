'use client';

import { memo, useMemo } from 'react';
import { Download, Eye, Footprints, Images, PersonStanding, Sun } from 'lucide-react';
import { spotHref } from '@/ui/session/links';
import { sunPath } from '@/core/spots/sunPath';
import type { Spot } from '@/core/spots/spot';
import { FIGURES } from '@/core/seeing/scenery';
import type { Viewpoint } from '@/core/seeing/viewpoint';
import { Choices } from '@/ui/controls/Choices';
import { Pop } from '@/ui/controls/Pop';
import { lengthText, type Units } from '@/words/format';
import { FIGURE_NAMES, hourText, lightText, sunRuns, viewName } from '@/words/looking';
import { CloserPop } from './CloserPop';
import type { CloserHere } from './useCloser';
import type { LookingTools } from './useLooking';
import type { Taking } from './useTaking';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { Tick } from '@/ui/controls/Tick';
import { Range } from '@/ui/controls/Range';

interface ViewToolsProps {
  readonly looking: LookingTools;
  readonly spot: Spot;
  readonly week: number;
  readonly length: Units['length'];
  readonly strip: 'weeks' | 'walk' | null;
  readonly walking: boolean;
  readonly onWalk: () => void;
  readonly onWeeks: () => void;
  readonly taking: Taking;
  readonly closer: CloserHere;
  /** The plant that is picked. */
  readonly picked: { readonly xCm: number; readonly zCm: number } | null;
}

/** What the stand-back view is seen from, lit by and measured against, and what can be done with the picture. */
const ViewTools = memo(function ViewTools({
  looking,
  spot,
  week,
  length,
  strip,
  walking,
  onWalk,
  onWeeks,
  taking,
  closer,
  picked,
}: ViewToolsProps) {
  const { view, views, hour, light, figure, behind, isDaylight, backdrop, put, lookFrom } = looking;
  const path = useMemo(() => sunPath(spot, week), [spot, week]);
  const [rise, set] = path.length > 0 ? [path[0]!.hour, path[path.length - 1]!.hour] : [8, 16];
  const noon = Math.round((rise + set) / 2);
  return (
    <div role="group" aria-label="Stand back" className="flex flex-wrap gap-0.5">
      <Pop
        icon={<Eye size={15} aria-hidden />}
        name="Look from"
        now={view ? viewName(view) : 'Straight on'}
      >
        <Choices
          name="Look from"
          value={view?.id ?? ''}
          options={[['', 'Straight on'], ...views.map((one) => [one.id, viewName(one)] as const)]}
          onPick={(id) => lookFrom(views.find((one) => one.id === id) ?? null)}
        />
        {view ? (
          <EyeSliders view={view} units={{ length }} onView={(next) => put({ view: next })} />
        ) : (
          <p className="text-ink2">
            As the rulers read it. Choose an eye to look down on it, up at it, or over the sill.
          </p>
        )}
      </Pop>
      <Pop
        icon={<Sun size={15} aria-hidden />}
        name="Light"
        now={hour === null ? 'Light' : hourText(hour)}
      >
        <Choices
          name="Light"
          value={hour === null ? 'drawn' : 'hour'}
          options={[
            ['drawn', 'Drawing light'],
            ['hour', 'By the hour'],
          ]}
          onPick={(pick) => put({ hour: pick === 'drawn' ? null : noon })}
        />
        {hour !== null && (
          <label className="grid gap-1">
            <span>
              <b className="font-semibold">{lightText(hour, light ?? null)}</b> at{' '}
              {spot.name.toLowerCase()}
            </span>
            <Range
              aria-label="Hour of the day"
              aria-valuetext={lightText(hour, light ?? null)}
              min={rise}
              max={set}
              step={0.5}
              value={Math.min(set, Math.max(rise, hour))}
              onValue={(next) => put({ hour: next })}
            />
            <span className="relative h-2 border border-rule2" aria-hidden>
              {path.map((then) => (
                <i
                  key={then.hour}
                  className="absolute inset-y-0 bg-ink"
                  style={{
                    left: `${((then.hour - rise) / (set - rise + 0.5)) * 100}%`,
                    width: `${100 / path.length}%`,
                    opacity: then.through,
                  }}
                />
              ))}
            </span>
          </label>
        )}
        <p className="text-ink2">This week: {sunRuns(path)}.</p>
        {/* By day the ground is the day's anyway. */}
        <div className="hidden [[data-theme=dark]_&]:block">
          <Tick
            checked={isDaylight}
            onChange={(event) => put({ isDaylight: event.target.checked })}
          >
            On the ground of the day
          </Tick>
          <p className="text-ink2">
            On a dark ground colours look lighter and stronger, and dark leaves are lost.
          </p>
        </div>
      </Pop>
      <Pop
        icon={<PersonStanding size={15} aria-hidden />}
        name="Beside it"
        now={
          figure === 'none' && !behind
            ? 'Beside it'
            : figure === 'none'
              ? 'Its background'
              : FIGURE_NAMES[figure]
        }
      >
        <Choices
          name="For scale"
          value={figure}
          options={FIGURES.map((one) => [one, FIGURE_NAMES[one]] as const)}
          onPick={(one) => put({ figure: one as typeof figure })}
        />
        <Tick
          checked={behind}
          disabled={backdrop.length === 0}
          onChange={(event) => put({ behind: event.target.checked })}
        >
          Colours behind it
        </Tick>
        {backdrop.length === 0 && (
          <p className="text-ink2">
            Nothing is told of what lies behind.{' '}
            <ButtonLink look="link" href={spotHref(spot.id)}>
              Tell it at the spot
            </ButtonLink>
          </p>
        )}
      </Pop>
      <Button
        look="tool"

        aria-pressed={walking || strip === 'walk'}
        onClick={onWalk}
      >
        <Footprints size={15} aria-hidden />
        Walk past
      </Button>
      <Button look="tool" aria-pressed={strip === 'weeks'} onClick={onWeeks}>
        <Images size={15} aria-hidden />
        Weeks
      </Button>
      <CloserPop here={closer} picked={picked} />
      <Pop icon={<Download size={15} aria-hidden />} name="Take away" bare>
        <p className="flex flex-wrap gap-2">
          <Button onClick={() => void taking.save('png')}>Picture (PNG)</Button>
          <Button onClick={() => void taking.save('svg')}>Drawing (SVG)</Button>
          <Button onClick={() => void taking.copyWords()}>Copy in words</Button>
          <Button onClick={() => void taking.print()}>Print a sheet</Button>
        </p>
        <p className="text-ink2">As it is seen now: this week, this side, this light.</p>
      </Pop>
    </div>
  );
});
export default ViewTools;

/** Height of the eye above the ground and how far off it is. */
function EyeSliders({
  view,
  units,
  onView,
}: {
  readonly view: Viewpoint;
  readonly units: Pick<Units, 'length'>;
  readonly onView: (view: Viewpoint) => void;
}) {
  const slider = (
    name: string,
    value: number,
    least: number,
    most: number,
    put: (cm: number) => void,
  ) => (
    <label key={name} className="grid gap-0.5">
      <span>
        {name} <b className="font-semibold">{lengthText(value, units)}</b>
      </span>
      <Range
        aria-label={name}
        aria-valuetext={lengthText(value, units)}
        min={least}
        max={most}
        step={5}
        value={value}
        onValue={put}
      />
    </label>
  );
  return (
    <>
      {slider(
        'Eyes above the ground',
        Math.round(view.eyeCm),
        20,
        Math.max(400, view.eyeCm),
        (eyeCm) => onView({ ...view, eyeCm }),
      )}
      {slider(
        'Away',
        Math.round(view.distanceCm),
        view.sill ? Math.ceil(view.sill.farCm) + 5 : 40,
        1000,
        (distanceCm) => onView({ ...view, distanceCm }),
      )}
    </>
  );
}
