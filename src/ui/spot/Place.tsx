'use client';

import { memo, useMemo, useState } from 'react';
import { CLIMATES, climateOf, type ClimateId } from '@/core/climate/climates';
import { frostDates, growingWeeks, hardinessOf } from '@/core/climate/season';
import { climateHere } from '@/core/spots/frost';
import { EXPOSURES, REFLECTS, type Spot } from '@/core/spots/spot';
import { isTimeZone } from '@/core/sky/clock';
import type { Settings } from '@/core/files/plantingFile';
import { temperatureText } from '@/words/format';
import { dayText } from '@/words/light';
import { capital } from '@/words/format';
import { LengthField, NumberField, PickField, Sheet, TextField } from '@/ui/controls/fields';
import { OwnFigures } from './OwnFigures';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { Tick } from '@/ui/controls/Tick';

interface PlaceProps {
  readonly editing: SpotEditing;
  readonly settings: Settings;
}

/** Where on the earth, and what the weather there is usually like. */
export const SiteSheet = memo(function SiteSheet({ editing, settings }: PlaceProps) {
  const { spot, apply, faults } = editing;
  const { site } = spot;
  const [asked, setAsked] = useState<string | null>(null);
  const put = (change: Partial<Spot['site']>, name: string) =>
    apply({ site: { ...site, ...change } }, name);
  const climate = useMemo(() => climateHere(spot), [spot]);
  const frost = frostDates(climate);
  const hardy = hardinessOf(climate.coldestC);
  const here = () => {
    if (!('geolocation' in navigator)) return setAsked('This device does not tell where it is.');
    setAsked('Asking the device…');
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        setAsked(null);
        put(
          {
            latitudeDeg: Math.round(coords.latitude * 100) / 100,
            longitudeDeg: Math.round(coords.longitude * 100) / 100,
            timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
          },
          'Took the place from the device',
        );
      },
      () => setAsked('The device would not tell where it is. Type it instead.'),
      { timeout: 8000 },
    );
  };
  return (
    <Sheet title="Place and climate">
      <div className="grid gap-2.5 px-3.5 py-3">
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            name="Latitude, south is minus"
            value={site.latitudeDeg}
            suffix="°"
            places={2}
            error={faults['site.latitudeDeg']}
            onValue={(latitudeDeg) => put({ latitudeDeg }, 'Changed the latitude')}
          />
          <NumberField
            name="Longitude, west is minus"
            value={site.longitudeDeg}
            suffix="°"
            places={2}
            error={faults['site.longitudeDeg']}
            onValue={(longitudeDeg) => put({ longitudeDeg }, 'Changed the longitude')}
          />
        </div>
        <p className="flex flex-wrap items-center gap-x-4">
          <Button look="link" onClick={here}>
            Take it from this device
          </Button>
          {asked && (
            <span role="status" className="text-ink2">
              {asked}
            </span>
          )}
        </p>
        <TimeZone
          zone={site.timeZone}
          onZone={(timeZone) => put({ timeZone }, 'Changed the time zone')}
        />
        <PickField
          name="Climate like"
          value={site.climate}
          options={CLIMATES.map(({ id, name }) => [id, name] as const)}
          onPick={(id: ClimateId) => put({ climate: id }, 'Changed the climate')}
        />
        <p className="text-ink2">
          {capital(climateOf(site.climate).words)}.{' '}
          {spot.normals
            ? `Your own figures rule: ${spot.normals.from}.`
            : 'Typical figures: local ones win.'}
        </p>
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5 border-t border-rule pt-2">
          {frost ? (
            <>
              <dt className="text-ink2">Last frost in a middling year</dt>
              <dd className="text-right font-semibold">{dayText(frost.last[0.5])}</dd>
              <dt className="pl-3 text-ink2">9 years in 10 later than</dt>
              <dd className="text-right">{dayText(frost.last[0.9])}</dd>
              <dt className="pl-3 text-ink2">1 year in 10 later than</dt>
              <dd className="text-right">{dayText(frost.last[0.1])}</dd>
              <dt className="text-ink2">First frost in a middling year</dt>
              <dd className="text-right font-semibold">{dayText(frost.first[0.5])}</dd>
              <dt className="pl-3 text-ink2">1 year in 10 sooner than</dt>
              <dd className="text-right">{dayText(frost.first[0.1])}</dd>
              <dt className="pl-3 text-ink2">9 years in 10 sooner than</dt>
              <dd className="text-right">{dayText(frost.first[0.9])}</dd>
            </>
          ) : (
            <>
              <dt className="text-ink2">Frost</dt>
              <dd className="text-right font-semibold">not usual</dd>
            </>
          )}
          <dt className="text-ink2">Growing weeks</dt>
          <dd className="text-right">{growingWeeks(climate)}</dd>
          <dt className="text-ink2">Coldest night of most years</dt>
          <dd className="text-right font-semibold">{temperatureText(hardy.coldestC, settings)}</dd>
          <dt className="text-ink2">Labels call that</dt>
          <dd className="text-right">
            zone {hardy.usda}, {hardy.rhs}
          </dd>
        </dl>
        <OwnFigures editing={editing} settings={settings} />
      </div>
    </Sheet>
  );
});

function TimeZone({
  zone,
  onZone,
}: {
  readonly zone: string;
  readonly onZone: (zone: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const bad = typed !== null && !isTimeZone(typed);
  return (
    <label className="block">
      <span className="block text-note text-ink2">Clocks here keep</span>
      <input
        className={entryLook({ className: 'w-full' })}
        list="time-zones"
        value={typed ?? zone}
        aria-invalid={bad}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => {
          if (typed !== null && !bad && typed !== zone) onZone(typed);
          if (!bad) setTyped(null);
        }}
      />
      <datalist id="time-zones">
        {Intl.supportedValuesOf('timeZone').map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      {bad && (
        <span role="alert" className="mt-0.5 block text-note font-semibold">
          ▲ No time zone is called “{typed}”.
        </span>
      )}
    </label>
  );
}

const EXPOSURE_NAMES: Readonly<Record<Spot['exposure'], string>> = {
  sheltered: 'Sheltered',
  open: 'Open ground',
  sill: 'Window sill',
  balcony: 'Balcony height',
  coast: 'By the sea',
  hanging: 'Hanging',
};
const REFLECT_NAMES: Readonly<Record<Spot['reflects'], string>> = {
  nothing: 'Nothing',
  paving: 'Pale paving',
  wall: 'A pale wall',
  both: 'Wall and paving',
};

/** Wind, rain, thrown-back heat; who waters; who can reach; what it may bear. */
export const ShelterSheet = memo(function ShelterSheet({ editing, settings }: PlaceProps) {
  const { spot, apply, faults } = editing;
  const unit = settings.length;
  return (
    <Sheet title="Shelter, reach and load">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2.5 px-3.5 py-3">
        <PickField
          name="Wind"
          value={spot.exposure}
          options={EXPOSURES.map((e) => [e, EXPOSURE_NAMES[e]] as const)}
          onPick={(exposure) => apply({ exposure }, 'Changed the wind')}
        />
        <PickField
          name="Throws heat back"
          value={spot.reflects}
          options={REFLECTS.map((r) => [r, REFLECT_NAMES[r]] as const)}
          onPick={(reflects) => apply({ reflects }, 'Changed the thrown-back heat')}
        />
        <LengthField
          name="Height of the leaves"
          valueCm={spot.leafHeightCm}
          unit={unit}
          error={faults.leafHeightCm}
          onCm={(leafHeightCm) => apply({ leafHeightCm }, 'Changed the height of the leaves')}
        />
        <LengthField
          name="Free drop below"
          valueCm={spot.dropCm}
          unit={unit}
          error={faults.dropCm}
          onCm={(dropCm) => apply({ dropCm }, 'Changed the drop')}
        />
        <LengthField
          name="Room to spill, 0 for plenty"
          valueCm={spot.spillRoomCm ?? 0}
          unit={unit}
          error={faults.spillRoomCm}
          onCm={(cm) => apply({ spillRoomCm: cm === 0 ? null : cm }, 'Changed the room to spill')}
        />
        <NumberField
          name="Watered every"
          value={spot.waters.everyDays}
          suffix="d"
          places={2}
          error={faults['waters.everyDays']}
          onValue={(everyDays) =>
            apply({ waters: { ...spot.waters, everyDays } }, 'Changed the watering')
          }
        />
        <TextField
          name="Who waters"
          value={spot.waters.who}
          placeholder="e.g. the early shift"
          onText={(who) => apply({ waters: { ...spot.waters, who } }, 'Changed who waters')}
        />
        <PickField
          name="Watered by"
          value={spot.waters.by}
          options={[
            ['can', 'Can'],
            ['hose', 'Hose'],
            ['drip', 'Drip line'],
          ]}
          onPick={(by) => apply({ waters: { ...spot.waters, by } }, 'Changed the watering')}
        />
        <NumberField
          name="Reservoir"
          value={spot.waters.reservoirL}
          suffix="L"
          places={1}
          error={faults['waters.reservoirL']}
          onValue={(reservoirL) =>
            apply({ waters: { ...spot.waters, reservoirL } }, 'Changed the reservoir')
          }
        />
        <div className="col-span-2 flex flex-wrap gap-x-5 gap-y-1.5">
          {(
            [
              ['pets', 'Pets reach it'],
              ['children', 'Small children reach it'],
              ['underCover', 'Roof keeps rain off'],
            ] as const
          ).map(([field, text]) => (
            <Tick
              key={field}
              checked={spot[field]}
              onChange={(event) => apply({ [field]: event.target.checked }, text)}
            >
              {text}
            </Tick>
          ))}
        </div>
        <RatedLoad editing={editing} />
      </div>
    </Sheet>
  );
});

/** A load copied from a maker or owner. Never worked out here. */
function RatedLoad({ editing: { spot, apply, faults } }: { readonly editing: SpotEditing }) {
  const [toldBy, setToldBy] = useState(spot.ratedLoad?.toldBy ?? '');
  return (
    <div className="col-span-2 border-t border-rule pt-2">
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          name="Rated load, 0 for not known"
          value={spot.ratedLoad?.kg ?? 0}
          suffix="kg"
          places={1}
          error={faults['ratedLoad.kg']}
          onValue={(kg) =>
            apply(
              { ratedLoad: kg === 0 ? null : { kg, toldBy: toldBy.trim() || 'not said' } },
              'Changed the rated load',
            )
          }
        />
        <label className="block">
          <span className="block text-note text-ink2">Told by</span>
          <input
            className={entryLook({ className: 'w-full' })}
            placeholder="maker, owner, engineer"
            maxLength={80}
            value={toldBy}
            onChange={(event) => setToldBy(event.target.value)}
            onBlur={() => {
              if (spot.ratedLoad && toldBy.trim() && toldBy !== spot.ratedLoad.toldBy)
                apply({ ratedLoad: { ...spot.ratedLoad, toldBy } }, 'Changed who told the load');
            }}
          />
        </label>
      </div>
      <p className="pt-1.5 text-note text-ink2">
        Copy it from the bracket, rail or balcony’s papers. It is never worked out here; where there
        is doubt, ask its maker, its owner or an engineer.
      </p>
    </div>
  );
}
