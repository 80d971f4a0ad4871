import { CLIMATES } from '@/core/climate/climates';

/** All climates as they are reckoned with, a row each: so that a figure that changes shows where it changes. Twelve figures of a year from January on. */
export const climateTable = (): string =>
  [
    'climate,half of the earth,lowest °C,highest °C,rain mm,rain days,share of sunshine,wind m/s,wet wind from °,last frost day of year,first frost day of year,spread days,coldest night °C',
    ...CLIMATES.map((climate) =>
      [
        climate.id,
        climate.hemisphere,
        climate.minC.join(' '),
        climate.maxC.join(' '),
        climate.rainMm.join(' '),
        climate.rainDays.join(' '),
        climate.sunShare.join(' '),
        climate.windMs,
        climate.wetWindFromDeg,
        climate.frost?.lastDay ?? '',
        climate.frost?.firstDay ?? '',
        climate.frost?.spreadDays ?? '',
        climate.coldestC,
      ].join(),
    ),
    '',
  ].join('\n');
