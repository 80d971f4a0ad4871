import type { Settings } from '@/core/files/plantingFile';
import type { House } from '@/core/plantings/house';
import { USUAL_SETTINGS } from '../usualSettings';
import type { Database } from '../database';

/** How the gardener works, and what their house is like. */
export class SettingsStore {
  constructor(private readonly base: Database) {}

  async get(): Promise<Settings> {
    const { key: _, ...stored } = (await this.base.in.settings.get('settings')) ?? {
      key: 'settings',
      ...USUAL_SETTINGS,
    };
    return stored;
  }

  async set(change: Partial<Settings>): Promise<void> {
    await this.base.write(['settings'], async () => {
      await this.base.in.settings.put({ key: 'settings', ...(await this.get()), ...change });
    });
  }

  /** Lets the clock go on with the machine's. */
  async letClockGo(): Promise<void> {
    await this.base.write(['settings'], async () => {
      const { heldAt: _, ...settings } = await this.get();
      await this.base.in.settings.put({ key: 'settings', ...settings });
    });
  }

  /** Changes some answers of the house, and leaves the others as they are by now, whatever the caller last saw of them. */
  async setHouse({ turnedDown, ...answers }: Partial<House>): Promise<void> {
    await this.base.write(['settings'], async () => {
      const now = await this.get();
      await this.base.in.settings.put({
        key: 'settings',
        ...now,
        house: {
          ...now.house,
          ...answers,
          turnedDown: { ...now.house.turnedDown, ...turnedDown },
        },
      });
    });
  }
}
