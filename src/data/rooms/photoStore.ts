import type { Photo } from '@/core/log/photoSchema';
import type { Angle } from '@/core/log/terms';
import { photoRoomIn, type PhotoRoom } from '../photographs';
import type { Draft } from './logStore';
import type { Database } from '../database';

/** Photographs, each with the entry that names it. */
export class PhotoStore {
  constructor(private readonly base: Database) {}

  /** Keeps a photograph, with the entry that names it; both or neither. */
  async keep(
    photo: Omit<Photo, 'id'>,
    { angle, ...draft }: Omit<Draft, 'what'> & { readonly angle: Angle },
  ): Promise<void> {
    const id = this.base.freshId();
    await this.base.write(['entries', 'photos'], async () => {
      await this.base.in.photos.put({ id, ...photo });
      await this.base.in.entries.put({
        id: this.base.freshId(),
        ...draft,
        what: { did: 'photographed', photoId: id, angle },
      });
    });
  }

  /** Photographs of one planting, in the order in which they were kept. */
  async of(plantingId: string): Promise<readonly Photo[]> {
    const rows = this.base.db.photos.where('plantingId').equals(plantingId);
    return this.base.in.photos.readable(await rows.sortBy('id'));
  }

  /** One photograph; `null` when it is not here or cannot be read. */
  async get(id: string): Promise<Photo | null> {
    return (await this.base.in.photos.get(id)) ?? null;
  }

  /** Ids of all photographs, readable or not. */
  async ids(): Promise<readonly string[]> {
    return this.base.db.photos.toCollection().primaryKeys();
  }

  /** Takes photographs in that come from a file; those that are here stay as they are. @returns ids of the new ones */
  async takeIn(photos: readonly Photo[]): Promise<readonly string[]> {
    let added: readonly string[] = [];
    await this.base.write(['photos'], async () => {
      const here = await this.base.db.photos.bulkGet(photos.map(({ id }) => id));
      const news = photos.filter((_, i) => here[i] === undefined);
      await this.base.in.photos.put(...news);
      added = news.map(({ id }) => id);
    });
    return added;
  }

  /** How many photographs there are, about what room they take, and which of them no entry names. */
  room(): Promise<PhotoRoom> {
    return photoRoomIn(this.base.db);
  }

  /** Takes photographs away for good. */
  async drop(ids: readonly string[]): Promise<void> {
    await this.base.write(['photos'], () => this.base.db.photos.bulkDelete([...ids]));
  }
}
