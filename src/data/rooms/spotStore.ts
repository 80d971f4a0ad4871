import type { DayWeather } from '@/core/climate/weather';
import type { Spot } from '@/core/spots/spot';
import type { Database } from '../database';

/** Spots, and the weather that was measured at them. */
export class SpotStore {
  constructor(private readonly base: Database) {}

  all(): Promise<readonly Spot[]> {
    return this.base.in.spots.all();
  }

  /** @returns `undefined` when there is no such spot, or it cannot be read */
  get(id: string): Promise<Spot | undefined> {
    return this.base.in.spots.get(id);
  }

  /** Adds a spot, or replaces the one of the same id, with its hours of sun taken from where it says they come from. */
  async put(spot: Spot): Promise<void> {
    await this.base.write(['spots'], () => this.base.in.spots.put(spot));
  }

  /** Takes a spot away, with its weather. @returns false when containers still stand there, and nothing was done */
  async remove(id: string): Promise<boolean> {
    return this.base.write(['plantings', 'spots', 'steps'], async () => {
      if ((await this.base.db.plantings.where('spotId').equals(id).count()) > 0) return false;
      await this.base.db.spots.delete(id);
      await this.base.steps.forget([{ table: 'spots', id }]);
      return true;
    });
  }

  /** Daily weather records of a spot, oldest first; none when there are none. */
  async weather(spotId: string): Promise<readonly DayWeather[]> {
    return (await this.base.in.weather.get(spotId))?.days ?? [];
  }

  /** Lays daily records over those there are: a day that was there already is replaced. */
  async putWeather(spotId: string, days: readonly DayWeather[]): Promise<void> {
    await this.base.write(['weather'], async () => {
      const byDate = new Map(
        [...(await this.weather(spotId)), ...days].map((day) => [day.date, day]),
      );
      const inOrder = [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1));
      await this.base.in.weather.put({ spotId, days: inOrder });
    });
  }

  async removeWeather(spotId: string): Promise<void> {
    await this.base.write(['weather'], () => this.base.db.weather.delete(spotId));
  }
}
