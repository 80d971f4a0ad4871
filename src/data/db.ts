import Dexie, { type Table } from 'dexie';
import type { DayWeather } from '@/core/climate/weather';
import type { Gathering } from '@/core/plantings/gathering';
import type { Kept } from '@/core/plantings/kept';
import type { Planting } from '@/core/plantings/planting';
import type { Settings } from '@/core/files/plantingFile';
import type { OwnKind } from '@/core/plants/own';
import type { ShelfItem } from '@/core/shelf/shelf';
import type { Spot } from '@/core/spots/spot';
import { MIGRATIONS } from './migrations/index';

/** Steps back and forward through one planting's changes, kept so that undo outlives the tab. */
export interface History {
  readonly plantingId: string;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
}

/** One change: what it was called and the planting on the other side of it. */
export interface Step {
  readonly name: string;
  readonly planting: Planting;
}

/** Daily records of a spot, oldest first. */
export interface WeatherRecords {
  readonly spotId: string;
  readonly days: readonly DayWeather[];
}

/** The browser's own database. Created by the provider inside a client effect, never at module load. */
export class RillbankDb extends Dexie {
  declare spots: Table<Spot, string>;
  declare plantings: Table<Planting, string>;
  declare histories: Table<History, string>;
  declare shelf: Table<ShelfItem, string>;
  declare kinds: Table<OwnKind, string>;
  declare kept: Table<Kept, string>;
  declare groups: Table<Gathering, string>;
  declare weather: Table<WeatherRecords, string>;
  declare settings: Table<{ readonly key: 'settings' } & Settings, string>;

  constructor(name = 'rillbank') {
    super(name);
    for (const { version, stores, upgrade } of MIGRATIONS) {
      const step = this.version(version).stores(stores);
      if (upgrade) step.upgrade(upgrade);
    }
  }
}
