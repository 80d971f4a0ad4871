import type { RecordRef, Step } from '@/core/records/step';
import { historyOf, keyOf, refOf, type History } from '@/core/records/step';
import { withDifferences, type Side } from '@/core/records/difference';
import type { RillbankDb } from './db';
import type { Repository } from './repository';
import type { RoomTable } from './tables';
import { NotKept } from './trouble';
import type { Windows } from './windows';

/** Steps kept for one record; the oldest go first. */
const MOST_STEPS = 200;

type Rooms = { readonly [N in RoomTable | 'steps']: Repository<N> };

/**
 * Changes of records, made, taken back and made again. Each writes the fields that changed into the
 * record as it lies now, so that two windows do not overwrite each other, and each window takes back
 * its own. To be called inside a transaction over the record's table and the steps.
 */
export class StepLog {
  constructor(
    private readonly db: RillbankDb,
    private readonly rooms: Rooms,
    private readonly windows: Windows,
  ) {}

  /** The steps of a record that this window may walk. */
  async history(ref: RecordRef): Promise<History> {
    return historyOf(await this.stepsOf(ref), this.isMine);
  }

  /**
   * Makes a change. One that was made already (by a window that was closed in that moment) is not made again.
   * @throws {NotKept} when the record is gone, or could not be read with the change
   */
  async take(step: Step): Promise<void> {
    if (await this.db.steps.get(step.id)) return;
    await this.write(step, 'is');
    const rows = await this.db.steps.where('[of+undone]').equals([step.of, 1]).toArray();
    const undone = this.rooms.steps.readable(rows);
    const mine = undone.filter(this.isMine).map(({ id }) => id);
    if (mine.length > 0) await this.db.steps.bulkDelete(mine);
    await this.rooms.steps.put(step as never);
    await this.forgetOldest(step.of);
  }

  async undo(ref: RecordRef): Promise<void> {
    const { past } = await this.history(ref);
    const last = past[past.length - 1];
    if (last) await this.flip(last, 'was');
  }

  async redo(ref: RecordRef): Promise<void> {
    const { future } = await this.history(ref);
    if (future[0]) await this.flip(future[0], 'is');
  }

  /** Walks back (negative) or forward by so many steps. */
  async walk(ref: RecordRef, steps: number): Promise<void> {
    for (let i = 0; i < Math.abs(steps); i += 1)
      await (steps < 0 ? this.undo(ref) : this.redo(ref));
  }

  async stepsOf(ref: RecordRef): Promise<readonly Step[]> {
    const rows = await this.db.steps.where('of').equals(keyOf(ref)).sortBy('id');
    return this.rooms.steps.readable(rows);
  }

  /** Forgets the steps of records that are taken away. @returns them, to be put back with the records */
  async forget(refs: readonly RecordRef[]): Promise<readonly Step[]> {
    const steps = await this.db.steps.where('of').anyOf(refs.map(keyOf)).toArray();
    await this.db.steps.bulkDelete(steps.map(({ id }) => String(id)));
    return this.rooms.steps.readable(steps);
  }

  private readonly isMine = ({ by }: Step): boolean =>
    by === this.windows.me || !this.windows.isOpen(by);

  private async flip(step: Step, to: Side): Promise<void> {
    await this.write(step, to);
    await this.rooms.steps.put({ ...step, undone: to === 'was' ? 1 : 0 } as never);
  }

  private async write({ of, differences }: Step, to: Side): Promise<void> {
    const { table, id } = refOf(of);
    const room = this.rooms[table as RoomTable] as Repository<RoomTable>;
    const record = await room.get(id);
    if (!record) throw new NotKept({ kind: 'gone', what: id });
    await room.put(withDifferences(record, differences, to).record);
  }

  private async forgetOldest(of: string): Promise<void> {
    const extra = (await this.db.steps.where('of').equals(of).count()) - MOST_STEPS;
    if (extra <= 0) return;
    const ids = await this.db.steps.where('of').equals(of).primaryKeys();
    await this.db.steps.bulkDelete(ids.sort().slice(0, extra));
  }
}
