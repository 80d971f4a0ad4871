/**
 * Climates in plain words with typical normals: rounded means of what such places have, for starting from. A gardener's own
 * figures, and daily records once they are brought in, replace them. January first.
 */
export interface Climate {
  readonly id: ClimateId;
  readonly name: string;
  /** How one knows it. */
  readonly words: string;
  readonly hemisphere: 'north' | 'south' | 'tropics';
  /** Mean daily lowest and highest, °C. */
  readonly minC: Months;
  readonly maxC: Months;
  /** Rain, mm a month, and days with at least 1 mm. */
  readonly rainMm: Months;
  readonly rainDays: Months;
  /** Share of possible sunshine, 0–1. */
  readonly sunShare: Months;
  /** Mean wind at two metres, m/s, and where rain-bearing wind mostly comes from, degrees. */
  readonly windMs: number;
  readonly wetWindFromDeg: number;
  /** Usual frosts by date; `null` where frost is not usual. */
  readonly frost: {
    readonly lastDay: number;
    readonly firstDay: number;
    readonly spreadDays: number;
  } | null;
  /** Mean of the coldest night of each year, °C: what a hardiness zone says. */
  readonly coldestC: number;
}

export type Months = readonly [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
];

export const CLIMATE_IDS = [
  'cool-maritime',
  'mild-maritime',
  'northern-maritime',
  'temperate-transitional',
  'cold-continental',
  'hot-summer-continental',
  'short-summer-continental',
  'subarctic',
  'mountain-valley',
  'humid-subtropical',
  'warm-humid-subtropical',
  'mediterranean-coast',
  'mediterranean-inland',
  'cool-summer-coast',
  'dry-steppe',
  'hot-desert',
  'tropical-highland',
  'tropical-seasonal',
  'tropical-wet',
  'southern-temperate',
  'southern-maritime',
  'southern-subtropical',
] as const;
export type ClimateId = (typeof CLIMATE_IDS)[number];

type Row = readonly [
  name: string,
  words: string,
  hemisphere: Climate['hemisphere'],
  minC: Months,
  maxC: Months,
  rainMm: Months,
  rainDays: Months,
  sunShare: Months,
  wind: readonly [number, number],
  frost: readonly [last: number, first: number, spread: number] | null,
  coldestC: number,
];

const ROWS: Readonly<Record<ClimateId, Row>> = {
  'cool-maritime': [
    'Cool maritime',
    'mild grey winters, warm but seldom hot summers, rain in any month',
    'north',
    [3, 3, 4, 5, 8, 11, 13, 13, 11, 8, 5, 3],
    [8, 8, 11, 14, 17, 20, 23, 22, 19, 15, 11, 8],
    [58, 45, 45, 46, 50, 50, 48, 55, 52, 68, 65, 60],
    [11, 9, 9, 9, 9, 9, 8, 9, 9, 11, 11, 11],
    [0.2, 0.27, 0.33, 0.4, 0.41, 0.4, 0.42, 0.43, 0.39, 0.33, 0.26, 0.18],
    [3.2, 235],
    [104, 312, 12],
    -6,
  ],
  'mild-maritime': [
    'Mild maritime coast',
    'sea on the doorstep: frost is rare, wind is not',
    'north',
    [5, 5, 6, 7, 9, 12, 14, 14, 13, 10, 8, 6],
    [9, 9, 10, 13, 15, 18, 20, 20, 18, 15, 12, 10],
    [105, 85, 75, 65, 60, 55, 60, 70, 75, 105, 115, 115],
    [15, 12, 12, 10, 9, 9, 9, 10, 11, 14, 15, 16],
    [0.22, 0.28, 0.33, 0.41, 0.42, 0.4, 0.4, 0.41, 0.38, 0.32, 0.26, 0.2],
    [4.8, 240],
    [74, 340, 18],
    -3,
  ],
  'northern-maritime': [
    'Northern maritime',
    'long light in June, cool summers, wet and windy',
    'north',
    [1, 1, 2, 4, 6, 9, 11, 11, 9, 6, 3, 1],
    [6, 6, 8, 11, 14, 17, 19, 18, 16, 12, 9, 6],
    [90, 70, 70, 50, 55, 60, 70, 75, 75, 95, 90, 90],
    [15, 12, 12, 10, 11, 11, 12, 12, 12, 14, 15, 14],
    [0.17, 0.25, 0.3, 0.36, 0.38, 0.34, 0.32, 0.33, 0.32, 0.28, 0.2, 0.14],
    [4, 235],
    [123, 292, 12],
    -9,
  ],
  'temperate-transitional': [
    'Temperate, between sea and continent',
    'cold spells in winter, warm summers with some heat',
    'north',
    [0, 0, 3, 6, 10, 13, 15, 15, 12, 8, 4, 1],
    [5, 6, 11, 15, 19, 23, 25, 25, 21, 15, 9, 6],
    [50, 45, 50, 45, 65, 60, 65, 60, 50, 60, 55, 60],
    [10, 9, 10, 9, 10, 9, 9, 8, 8, 9, 10, 11],
    [0.22, 0.29, 0.36, 0.43, 0.44, 0.45, 0.47, 0.48, 0.43, 0.34, 0.23, 0.18],
    [3.2, 250],
    [108, 298, 11],
    -11,
  ],
  'cold-continental': [
    'Cold-winter continental',
    'snow most winters, warm summers, thunder showers',
    'north',
    [-5, -4, -1, 4, 9, 12, 14, 13, 9, 5, 1, -3],
    [0, 2, 7, 14, 19, 22, 24, 24, 19, 13, 6, 2],
    [30, 28, 32, 35, 55, 65, 75, 65, 50, 42, 38, 35],
    [8, 7, 8, 7, 9, 10, 10, 9, 8, 8, 9, 9],
    [0.18, 0.26, 0.36, 0.44, 0.48, 0.48, 0.5, 0.5, 0.42, 0.34, 0.18, 0.14],
    [3.2, 270],
    [116, 284, 10],
    -19,
  ],
  'hot-summer-continental': [
    'Hot-summer continental',
    'freezing winters, hot humid summers, storms',
    'north',
    [-8, -6, -1, 5, 11, 17, 19, 18, 14, 7, 1, -5],
    [0, 2, 8, 15, 22, 27, 29, 28, 24, 17, 9, 2],
    [50, 45, 65, 90, 105, 105, 95, 100, 80, 80, 70, 55],
    [8, 7, 9, 10, 11, 10, 8, 8, 7, 8, 8, 8],
    [0.45, 0.48, 0.52, 0.55, 0.6, 0.65, 0.68, 0.66, 0.6, 0.54, 0.41, 0.39],
    [3.6, 250],
    [118, 290, 11],
    -22,
  ],
  'short-summer-continental': [
    'Short-summer continental',
    'long deep winters, warm short summers',
    'north',
    [-15, -13, -6, 1, 8, 13, 16, 15, 9, 3, -5, -12],
    [-5, -3, 3, 12, 19, 24, 27, 25, 20, 12, 3, -4],
    [22, 20, 40, 60, 85, 105, 100, 95, 75, 60, 40, 27],
    [6, 5, 7, 8, 10, 11, 9, 9, 8, 8, 7, 7],
    [0.48, 0.54, 0.55, 0.56, 0.59, 0.63, 0.69, 0.66, 0.6, 0.52, 0.38, 0.4],
    [3.8, 290],
    [128, 274, 10],
    -30,
  ],
  subarctic: [
    'Northern, short bright summer',
    'light nights in June, frost possible in any month but July',
    'north',
    [-13, -13, -9, -3, 3, 9, 12, 10, 5, 0, -6, -11],
    [-6, -5, 0, 6, 13, 18, 21, 18, 12, 5, -1, -4],
    [38, 30, 32, 32, 40, 55, 70, 70, 55, 52, 48, 42],
    [10, 8, 8, 7, 8, 9, 10, 10, 10, 11, 11, 10],
    [0.12, 0.25, 0.36, 0.42, 0.47, 0.48, 0.46, 0.42, 0.35, 0.25, 0.13, 0.05],
    [3, 220],
    [152, 252, 9],
    -30,
  ],
  'mountain-valley': [
    'Mountain valley',
    'cold clear nights, strong sun by day, short summer',
    'north',
    [-7, -6, -2, 2, 6, 10, 12, 11, 8, 4, -2, -6],
    [2, 4, 9, 13, 18, 21, 24, 23, 19, 14, 7, 3],
    [55, 50, 60, 65, 90, 115, 125, 120, 85, 65, 65, 60],
    [9, 8, 10, 10, 13, 14, 14, 13, 10, 9, 9, 10],
    [0.4, 0.46, 0.47, 0.46, 0.45, 0.46, 0.52, 0.52, 0.5, 0.48, 0.4, 0.36],
    [2, 280],
    [128, 278, 11],
    -18,
  ],
  'humid-subtropical': [
    'Humid subtropical',
    'short mild winters with frosts, long hot sticky summers',
    'north',
    [1, 3, 6, 10, 15, 20, 22, 21, 18, 12, 6, 2],
    [11, 14, 18, 23, 27, 30, 32, 31, 28, 23, 17, 12],
    [110, 115, 120, 95, 95, 105, 125, 110, 100, 85, 95, 105],
    [10, 9, 9, 8, 9, 10, 11, 9, 8, 7, 8, 10],
    [0.49, 0.53, 0.58, 0.66, 0.68, 0.67, 0.62, 0.64, 0.62, 0.64, 0.57, 0.49],
    [2.8, 200],
    [85, 316, 12],
    -11,
  ],
  'warm-humid-subtropical': [
    'Warm humid subtropical',
    'frost a rare visitor, hot wet summers, mild dry winters',
    'north',
    [10, 11, 13, 16, 20, 23, 24, 24, 23, 20, 15, 12],
    [22, 23, 25, 28, 31, 32, 33, 33, 32, 29, 26, 23],
    [60, 65, 85, 65, 85, 205, 200, 205, 170, 85, 55, 60],
    [6, 6, 6, 5, 7, 14, 16, 16, 13, 7, 5, 6],
    [0.6, 0.64, 0.68, 0.74, 0.72, 0.63, 0.62, 0.62, 0.6, 0.63, 0.62, 0.58],
    [2.8, 150],
    [32, 356, 20],
    -2,
  ],
  'mediterranean-coast': [
    'Mediterranean coast',
    'dry hot summers, mild wet winters, hardly any frost',
    'north',
    [6, 6, 8, 10, 14, 18, 21, 21, 18, 14, 10, 7],
    [13, 14, 16, 19, 22, 26, 29, 29, 26, 22, 17, 14],
    [65, 55, 50, 45, 30, 15, 5, 12, 45, 85, 90, 80],
    [7, 6, 6, 6, 4, 2, 1, 2, 4, 7, 8, 8],
    [0.48, 0.5, 0.53, 0.57, 0.62, 0.7, 0.78, 0.75, 0.66, 0.57, 0.48, 0.45],
    [3, 230],
    [45, 352, 18],
    -1,
  ],
  'mediterranean-inland': [
    'Mediterranean inland',
    'cold nights in winter, dry baking summers',
    'north',
    [2, 3, 5, 8, 12, 16, 19, 19, 15, 11, 6, 3],
    [10, 13, 16, 19, 24, 30, 34, 33, 28, 21, 14, 11],
    [40, 38, 38, 50, 50, 20, 8, 10, 28, 55, 55, 50],
    [6, 6, 6, 7, 7, 3, 1, 2, 3, 6, 6, 7],
    [0.5, 0.55, 0.57, 0.6, 0.64, 0.75, 0.83, 0.8, 0.7, 0.58, 0.5, 0.46],
    [2.4, 240],
    [88, 318, 13],
    -6,
  ],
  'cool-summer-coast': [
    'Cool-summer dry coast',
    'fog and sea wind in summer, mild wet winters',
    'north',
    [8, 9, 9, 10, 11, 12, 13, 13, 13, 12, 10, 8],
    [14, 16, 17, 17, 18, 19, 20, 21, 22, 21, 17, 14],
    [110, 105, 80, 40, 15, 5, 1, 2, 5, 28, 75, 110],
    [11, 10, 10, 6, 3, 2, 1, 1, 1, 4, 7, 11],
    [0.56, 0.6, 0.66, 0.72, 0.7, 0.68, 0.6, 0.6, 0.65, 0.66, 0.58, 0.54],
    [4, 230],
    [20, 362, 15],
    1,
  ],
  'dry-steppe': [
    'Dry steppe',
    'dry bright cold winters, hot dry days and cool nights, hail',
    'north',
    [-8, -7, -3, 1, 6, 11, 15, 14, 9, 3, -4, -8],
    [7, 8, 13, 16, 22, 28, 32, 31, 26, 19, 12, 7],
    [11, 11, 28, 45, 55, 48, 52, 45, 28, 25, 18, 10],
    [3, 4, 5, 6, 7, 6, 6, 6, 4, 4, 4, 3],
    [0.7, 0.69, 0.68, 0.66, 0.64, 0.7, 0.71, 0.72, 0.74, 0.72, 0.64, 0.66],
    [3.6, 20],
    [124, 280, 11],
    -23,
  ],
  'hot-desert': [
    'Hot desert',
    'scorching summers, hardly any rain, light frost',
    'north',
    [7, 9, 12, 16, 21, 26, 29, 29, 26, 19, 12, 7],
    [20, 22, 26, 30, 36, 41, 42, 41, 38, 32, 25, 19],
    [22, 23, 22, 7, 3, 1, 25, 25, 16, 15, 15, 22],
    [3, 3, 3, 1, 1, 0, 3, 4, 2, 2, 2, 3],
    [0.78, 0.8, 0.83, 0.88, 0.93, 0.94, 0.86, 0.85, 0.89, 0.88, 0.83, 0.77],
    [2.2, 200],
    [28, 355, 20],
    -2,
  ],
  'tropical-highland': [
    'Tropical highland',
    'spring all year round, cool nights, two rainy seasons',
    'tropics',
    [12, 13, 14, 14, 13, 12, 11, 11, 12, 13, 13, 13],
    [25, 26, 26, 24, 23, 22, 22, 22, 24, 25, 23, 24],
    [65, 55, 95, 195, 150, 40, 18, 22, 28, 60, 140, 90],
    [6, 5, 9, 15, 12, 5, 3, 4, 4, 8, 15, 9],
    [0.7, 0.72, 0.68, 0.58, 0.52, 0.5, 0.4, 0.42, 0.52, 0.58, 0.58, 0.66],
    [2.8, 90],
    null,
    7,
  ],
  'tropical-seasonal': [
    'Tropical, wet and dry',
    'hot all year, months of rain and months of none',
    'tropics',
    [17, 19, 22, 25, 26, 26, 25, 25, 24, 23, 20, 18],
    [29, 31, 34, 36, 36, 33, 31, 31, 31, 31, 30, 29],
    [10, 12, 20, 45, 120, 210, 260, 250, 220, 130, 45, 12],
    [1, 1, 2, 4, 9, 14, 17, 17, 14, 9, 4, 1],
    [0.75, 0.78, 0.75, 0.7, 0.58, 0.42, 0.34, 0.36, 0.45, 0.58, 0.68, 0.72],
    [2.4, 220],
    null,
    12,
  ],
  'tropical-wet': [
    'Tropical, wet all year',
    'warm nights, humid, a shower most days',
    'tropics',
    [24, 24, 24, 25, 25, 25, 25, 25, 24, 24, 24, 24],
    [30, 31, 32, 32, 32, 31, 31, 31, 31, 32, 31, 30],
    [220, 140, 175, 180, 175, 160, 160, 175, 175, 190, 250, 290],
    [13, 9, 12, 14, 14, 13, 13, 14, 13, 15, 18, 18],
    [0.44, 0.52, 0.5, 0.48, 0.47, 0.47, 0.48, 0.46, 0.43, 0.41, 0.37, 0.36],
    [2, 20],
    null,
    20,
  ],
  'southern-temperate': [
    'Southern temperate',
    'four seasons in a day: dry hot spells, mild winters with few frosts',
    'south',
    [14, 15, 13, 11, 9, 7, 6, 7, 8, 9, 11, 13],
    [26, 26, 24, 20, 17, 14, 14, 15, 17, 20, 22, 24],
    [45, 45, 48, 55, 55, 48, 46, 50, 55, 62, 60, 58],
    [5, 5, 6, 8, 10, 9, 10, 11, 10, 10, 8, 7],
    [0.6, 0.6, 0.55, 0.47, 0.4, 0.37, 0.39, 0.43, 0.46, 0.49, 0.5, 0.55],
    [3.2, 250],
    [265, 150, 16],
    -1,
  ],
  'southern-maritime': [
    'Southern maritime',
    'cool, fresh, windy, rain in any month',
    'south',
    [12, 12, 11, 8, 6, 4, 3, 4, 5, 7, 8, 11],
    [21, 21, 19, 17, 14, 11, 11, 12, 14, 16, 17, 19],
    [75, 62, 80, 80, 95, 105, 110, 100, 90, 95, 85, 85],
    [8, 7, 8, 9, 11, 12, 12, 12, 11, 11, 10, 9],
    [0.52, 0.52, 0.47, 0.45, 0.4, 0.38, 0.4, 0.42, 0.42, 0.44, 0.48, 0.5],
    [4.4, 200],
    [288, 132, 14],
    -3,
  ],
  'southern-subtropical': [
    'Southern subtropical',
    'warm wet summers, mild drier winters, light frost inland',
    'south',
    [19, 19, 18, 15, 12, 9, 8, 9, 11, 14, 16, 18],
    [27, 27, 26, 23, 20, 18, 17, 19, 21, 23, 24, 26],
    [100, 110, 115, 105, 90, 85, 70, 65, 65, 85, 90, 90],
    [10, 10, 10, 9, 8, 8, 7, 7, 7, 9, 10, 10],
    [0.54, 0.54, 0.54, 0.56, 0.55, 0.53, 0.58, 0.62, 0.62, 0.57, 0.55, 0.55],
    [3, 150],
    [225, 172, 18],
    1,
  ],
};

/** Every climate, in the order in which they are offered. */
export const CLIMATES: readonly Climate[] = CLIMATE_IDS.map((id) => {
  const [
    name,
    words,
    hemisphere,
    minC,
    maxC,
    rainMm,
    rainDays,
    sunShare,
    [windMs, wetWindFromDeg],
    frost,
    coldestC,
  ] = ROWS[id];
  return {
    id,
    name,
    words,
    hemisphere,
    minC,
    maxC,
    rainMm,
    rainDays,
    sunShare,
    windMs,
    wetWindFromDeg,
    coldestC,
    frost: frost && { lastDay: frost[0], firstDay: frost[1], spreadDays: frost[2] },
  };
});

const BY_ID = new Map(CLIMATES.map((climate) => [climate.id, climate]));

export function climateOf(id: ClimateId): Climate {
  return BY_ID.get(id)!;
}

/** A climate at a latitude: a type told for the other half of the earth is turned by half a year. */
export function climateAt(id: ClimateId, latitudeDeg: number): Climate {
  const climate = climateOf(id);
  const here = latitudeDeg >= 0 ? 'north' : 'south';
  if (climate.hemisphere === 'tropics' || climate.hemisphere === here) return climate;
  const turn = (months: Months) => months.map((_, i) => months[(i + 6) % 12]!) as unknown as Months;
  const later = (day: number) => (day + 182) % 365;
  return {
    ...climate,
    hemisphere: here,
    minC: turn(climate.minC),
    maxC: turn(climate.maxC),
    rainMm: turn(climate.rainMm),
    rainDays: turn(climate.rainDays),
    sunShare: turn(climate.sunShare),
    frost: climate.frost && {
      lastDay: later(climate.frost.lastDay),
      firstDay: later(climate.frost.firstDay),
      spreadDays: climate.frost.spreadDays,
    },
  };
}
