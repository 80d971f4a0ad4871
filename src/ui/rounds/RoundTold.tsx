import { roundsOn } from '@/core/care/outlook';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { dripText, roundText, warningText } from '@/words/care';
import { temperatureText } from '@/words/format';
import type { Walk } from './useRound';

/** The day's weather where one stands, what is coming, what the lines do, and what the round comes to. */
export function RoundTold({
  planted,
  cared,
  walk: { round },
  at,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  /** The planting one stands at; `null`: none. */
  readonly at: string | null;
}) {
  const settings = useSettings();
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '';
  const here = planted.its.find(({ planting }) => planting.id === at);
  const sky = here ? cared.skies.get(here.spot.id) : [...cared.skies.values()][0];
  return (
    <>
      {sky && (
        <p className="text-small text-ink2" data-sky>
          {temperatureText(sky.minC, settings)} to {temperatureText(sky.maxC, settings)},{' '}
          {sky.rainMm < 0.2 ? 'dry' : `${sky.rainMm.toFixed(0)} mm of rain`}
          {roundsOn(sky) === 2 ? ': hot, so walk again in the evening' : ''} (simulated; days you
          record at the spot win).
        </p>
      )}
      {cared.warnings.map((warning) => (
        <p
          key={warning.what}
          data-warning={warning.what}
          className="mt-1.5 border-l-4 border-ink bg-paper px-3 py-1.5 text-lead leading-5"
        >
          {warningText(warning, nameOf, settings)}
        </p>
      ))}
      {cared.drips.map((zone) => (
        <p key={zone.spotId} className="pt-1" data-drip={zone.spotId}>
          <b>{planted.spots.find(({ id }) => id === zone.spotId)?.name}, drip.</b>{' '}
          {dripText(zone, nameOf, settings)}
        </p>
      ))}
      <p
        className="pt-1 text-lead"
        data-round={round.stops.length}
        data-part={cared.isWhole ? undefined : true}
      >
        <b>{roundText(round, settings)}</b>
        {round.tools.length > 0 && ` Bring ${round.tools.join(', ')}.`}
        {round.urgent > 0 && ` ${round.urgent} cannot wait.`}
        {!cared.isWhole && <span role="status"> Looking at the others…</span>}
      </p>
    </>
  );
}
