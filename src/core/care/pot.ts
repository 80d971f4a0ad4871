import type { DayWeather } from '../climate/weather';
import { coverAt, type Reading } from '../checks/reading';
import { canopyM2 } from '../checks/seasonCare';
import { sectionAreaCm2 } from '../containers/section';
import { rimSection } from '../containers/shape';
import { dayOfYear } from '../sky/clock';
import { climateHere } from '../spots/frost';
import { rainShare } from '../spots/rain';
import type { Spot } from '../spots/spot';
import { weekAfter } from '../units/units';
import { once } from '../work/once';
import { drawLPerMm, sunOn } from '../water/demand';
import { et0Mm } from '../water/et0';
import { availableL, REFILL_AT } from '../water/storage';

/** What the water balance knows of one planted container. */
export interface Pot {
  readonly plantingId: string;
  /** Water between full and wilting, litres; and what of it plants take before they feel it. */
  readonly capL: number;
  readonly readyL: number;
  /** Of the container and of what waters it. */
  readonly reservoirL: number;
  /** On a drip line that fills it every morning, as long as nothing else is told. */
  readonly isDripped: boolean;
  /** Takes water badly once it is dry: peat and wood fibre. */
  readonly repels: boolean;
  /** Litres the plants would take on a day, were there water enough. @param weeks whole weeks since planting */
  readonly demandL: (day: DayWeather, weeks: number) => number;
  /** Litres of a day's rain that reach the mix. */
  readonly rainL: (day: DayWeather, weeks: number) => number;
}

/** Mixes of which dry crumbs shed water. Loam and grit take it up again. */
const REPELS = new Set(['peat-free', 'peat-based', 'acid', 'basket']);
/** What each layer of leaves keeps of a rain, mm; share of it that a dense canopy sheds outside the rim (models). */
const KEPT_MM = 0.2;
const LAYERS = 3;
const MOST_SHED = 0.6;

/** A planting as the water balance sees it; what leaves do is worked out once for each week. */
export const potOf = once(potFrom);

function potFrom(reading: Reading): Pot {
  const { planting, spot, all } = reading;
  const { container } = planting;
  const capL = availableL(container);
  const rimM2 = sectionAreaCm2(rimSection(container.shape)) / 10_000;
  const wetWind = climateHere(spot).wetWindFromDeg;
  const weeks = new Map<number, { readonly draw: number; readonly rain: (mm: number) => number }>();
  const inWeek = (week: number) => {
    let found = weeks.get(week);
    if (!found) {
      const cover = coverAt(reading, week);
      const areaM2 = canopyM2(reading, week);
      const draw = drawLPerMm({
        container,
        spot,
        plants: all,
        sizes: reading.allSizesAt(week),
        canopy: { areaM2, bareShare: 1 - cover },
      });
      const reaches = rainShare(spot, wetWind, weekAfter(planting.plantedWeek, week));
      const shed = MOST_SHED * Math.min(1, Math.max(0, areaM2 / Math.max(1e-6, rimM2) - 0.5));
      found = {
        draw,
        rain: (mm) => Math.max(0, mm - KEPT_MM * LAYERS * cover) * reaches * rimM2 * (1 - shed),
      };
      weeks.set(week, found);
    }
    return found;
  };
  return {
    plantingId: planting.id,
    capL,
    readyL: capL * REFILL_AT,
    reservoirL: container.reservoirL + spot.waters.reservoirL,
    isDripped: spot.waters.by === 'drip',
    repels: !container.ownMix && REPELS.has(container.mix),
    demandL: (day, week) => airTakesMm(spot)(day) * inWeek(week).draw,
    rainL: (day, week) => inWeek(week).rain(day.rainMm),
  };
}

/** What the air takes at a spot on a day, mm: the same for all that stands there, so that it is reckoned once for a day's weather. */
const airTakesMm = once((spot: Spot) =>
  once(
    (day: DayWeather): number =>
      et0Mm(day, spot.site.latitudeDeg) * sunOn(spot, dayOfYear(day.date)),
  ),
);
