'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import * as z from 'zod';
import { climateHere } from '@/core/spots/frost';
import { rainShare } from '@/core/spots/rain';
import { weekOfDay } from '@/core/spots/reckoning';
import { dayOfYear } from '@/core/sky/clock';
import { dayNumber, isoDate } from '@/core/climate/weather';
import type { CsvAnswers, CsvReading } from '@/core/files/weatherCsv';
import type { Settings } from '@/core/files/plantingFile';
import { askService, type Answered } from '@/ui/session/askService';
import { readText, unreadText } from '@/ui/session/readText';
import { say } from '@/ui/session/say';
import { FileButton } from '@/ui/controls/FileButton';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import { countText, sinceText, temperatureText } from '@/words/format';
import { dayText } from '@/words/light';
import { Sheet } from '@/ui/controls/fields';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';
import { WeatherFound } from './WeatherFound';

interface WeatherProps {
  readonly editing: SpotEditing;
  readonly settings: Settings;
  readonly today: string;
}

const answerSchema = z.object({
  issued: z.string(),
  days: z.array(
    z.object({
      date: z.string(),
      minC: z.number(),
      maxC: z.number(),
      rainMm: z.number(),
      leadDays: z.number(),
      missC: z.number(),
    }),
  ),
});

/** The week ahead from the simulated service, the rain that reaches the mix, and daily records brought in from a file. */
export const WeatherSheet = memo(function WeatherSheet({ editing, settings, today }: WeatherProps) {
  const { spot, apply } = editing;
  const { climate, latitudeDeg } = spot.site;
  const [asked, setAsked] = useState<Answered<z.infer<typeof answerSchema>> | null>(null);
  // Of what was last known, days that are over are left out.
  const ahead = asked?.answer.days.filter(({ date }) => date > today) ?? null;
  useEffect(() => {
    const giveUp = new AbortController();
    // Only the climate's name and a whole degree of latitude are told: nothing of whose spot it is.
    askService(
      `/api/weather?climate=${climate}&latitude=${Math.round(latitudeDeg)}&from=${isoDate(dayNumber(today) + 1)}&days=7&issued=${today}`,
      answerSchema,
      giveUp.signal,
    )
      .then(setAsked)
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [climate, latitudeDeg, today]);
  const share = useMemo(
    () => rainShare(spot, climateHere(spot).wetWindFromDeg, weekOfDay(dayOfYear(today))),
    [spot, today],
  );
  return (
    <Sheet
      title="Weather"
      note={
        asked?.knownSince
          ? `a simulated service, as last known on ${sinceText(asked.knownSince)}`
          : 'a simulated service'
      }
    >
      <div className="px-3.5 py-3">
        {ahead === null || ahead.length === 0 ? (
          <p className="text-ink2">The service does not answer just now.</p>
        ) : (
          <table className="w-full text-right [&_td]:py-0.5">
            <thead className="text-note text-ink2">
              <tr>
                <th className="text-left font-normal">Week ahead</th>
                <th className="font-normal">low</th>
                <th className="font-normal">high</th>
                <th className="font-normal">rain</th>
                <th className="font-normal">give or take</th>
              </tr>
            </thead>
            <tbody>
              {ahead.map((day) => (
                <tr key={day.date}>
                  <td className="text-left">{dayText(dayOfYear(day.date))}</td>
                  <td>{temperatureText(day.minC, settings)}</td>
                  <td>{temperatureText(day.maxC, settings)}</td>
                  <td>{day.rainMm < 0.1 ? '–' : `${Math.round(day.rainMm)} mm`}</td>
                  <td className="text-ink2">
                    ±{(settings.length === 'cm' ? day.missC : day.missC * 1.8).toFixed(1)}°
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <p className="mt-2 border-t border-rule pt-2">
          Of the rain, about <b>{Math.round(share * 100)}%</b> reaches the mix here now
          {spot.underCover ? ': a roof keeps it off' : ''}.{' '}
          <span className="text-ink2">Leaves over the rim throw off part of that.</span>
        </p>
        <Records
          editing={editing}
          onKeep={(normals) => apply({ normals }, 'Took in daily records')}
        />
      </div>
    </Sheet>
  );
});

const faulty = (message: string): CsvReading => ({
  kind: 'faulty',
  faults: [{ line: 1, message }],
  more: 0,
});

/** Daily records from a plain CSV: previewed, asked about, taken whole or not at all. */
function Records({
  editing: { spot, apply },
  onKeep,
}: {
  readonly editing: SpotEditing;
  readonly onKeep: (normals: NonNullable<SpotEditing['spot']['normals']>) => void;
}) {
  const store = useStore();
  const kept = useLive(
    async (s) => {
      const days = await s.spots.weather(spot.id);
      return { count: days.length, from: days[0]?.date, to: days[days.length - 1]?.date };
    },
    [spot.id],
  );
  const [file, setFile] = useState<{ readonly name: string; readonly text: string } | null>(null);
  const [answers, setAnswers] = useState<CsvAnswers>({});
  const [reading, setReading] = useState<CsvReading | null>(null);
  const takeAway = async () => {
    if (!store) return;
    const days = await store.spots.weather(spot.id);
    await store.spots.removeWeather(spot.id);
    apply({ normals: null }, 'Took the records away');
    say('The records were taken away.', {
      label: 'Bring them back',
      go: () => void store.spots.putWeather(spot.id, days),
    });
  };
  const read = async (
    next: { readonly name: string; readonly text: string },
    given: CsvAnswers,
  ) => {
    setFile(next);
    setAnswers(given);
    try {
      setReading(await runJob('readWeather', { text: next.text, answers: given }));
    } catch (error) {
      setReading(faulty(unreadText(error)));
    }
  };
  const take = async (chosen: File) => {
    const given = await readText(chosen, LARGEST_BYTES);
    if (given.ok) return read(given, {});
    setFile({ name: given.name, text: '' });
    setReading(faulty(given.message));
  };
  const keep = async () => {
    if (reading?.kind !== 'read' || !file) return;
    const { normalsFrom } = await import('@/core/climate/records');
    await store?.spots.putWeather(spot.id, reading.days);
    const found = normalsFrom(
      store ? await store.spots.weather(spot.id) : reading.days,
      spot.site.latitudeDeg,
    );
    onKeep({
      minC: found.minC ? [...found.minC] : null,
      maxC: found.maxC ? [...found.maxC] : null,
      rainMm: found.rainMm ? [...found.rainMm] : null,
      frost: found.frost,
      coldestC: found.coldestC,
      from: `${countText(reading.days.length, 'day')} of records, ${file.name}`.slice(0, 120),
    });
    say(
      found.minC
        ? 'The records now rule where they say enough; the rest stays typical.'
        : 'The records do not cover every month yet: typical figures stay.',
    );
    setReading(null);
    setFile(null);
  };
  return (
    <div className="mt-2 border-t border-rule pt-2.5">
      <p className="flex flex-wrap items-center gap-3">
        <FileButton
          label="Weather records to bring in"
          accept=".csv,text/csv,text/plain"
          onFiles={([chosen]) => void take(chosen!)}
        >
          Bring in daily records
        </FileButton>
        {spot.normals && (
          <Button
            look="plain"

            onClick={() => apply({ normals: null }, 'Went back to typical figures')}
          >
            Back to typical figures
          </Button>
        )}
        <span className="text-note text-ink2">a CSV with date, lowest, highest, rain</span>
      </p>
      {kept && kept.count > 0 && (
        <p className="pt-1.5">
          <b>{countText(kept.count, 'day')}</b> of records kept, {kept.from} to {kept.to}.{' '}
          <Button look="plain" onClick={() => void takeAway()}>
            Take them away
          </Button>
        </p>
      )}
      {file && reading && (
        <WeatherFound
          reading={reading}
          file={file}
          read={read}
          answers={answers}
          keep={keep}
          setReading={setReading}
          setFile={setFile}
        />
      )}
    </div>
  );
}

/** Largest weather file read, bytes: three centuries of days with long rows. */
const LARGEST_BYTES = 12_000_000;
