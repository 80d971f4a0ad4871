import type { FileFault } from '@/core/files/parse';
import { differencesOf } from '@/core/records/difference';
import { keyOf, refOf, type History, type RecordRef, type Step } from '@/core/records/step';
import type { Done } from '@/core/plantings/done';
import { doneOf } from '@/core/plantings/done';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import { Repository } from '../repository';
import type { RecordOf, RoomTable } from '../tables';
import type { Database } from '../database';

/** Records that are changed step by step, with a way back. */
export class HistoryStore {
  constructor(private readonly base: Database) {}

  /** A record with its history, as one reading. @returns `undefined` when there is none, or it cannot be read */
  async open<N extends RoomTable>(
    table: N,
    id: string,
  ): Promise<{ readonly record: RecordOf<N>; readonly history: History } | undefined> {
    return this.base.db.transaction(
      'r',
      [this.base.db.table(table), this.base.db.steps],
      async () => {
        const record = await this.base.in[table].get(id);
        return record
          ? { record: record as RecordOf<N>, history: await this.base.steps.history({ table, id }) }
          : undefined;
      },
    );
  }

  /** A step between two states of a record, made here and now. Nothing is kept yet. */
  stepBetween(ref: RecordRef, before: object, after: object, done: Done): Step {
    return {
      id: this.base.freshId(),
      of: keyOf(ref),
      at: new Date().toISOString(),
      by: this.base.windows.me,
      done,
      differences: differencesOf(before, after),
      undone: 0,
    };
  }

  /** Keeps a step: what it changes, and the way back. Begun at once; steps are kept in the order in which they are handed over. */
  async take(step: Step): Promise<void> {
    this.base.journal.write(step);
    try {
      await this.base.write([refOf(step.of).table, 'steps'], () => this.base.steps.take(step));
    } finally {
      this.base.journal.clear(step);
    }
  }

  async undo(ref: RecordRef): Promise<void> {
    await this.base.write([ref.table, 'steps'], () => this.base.steps.undo(ref));
  }

  /** Takes back the last change of a record, where it is of this sort; otherwise nothing. */
  async undoLast(ref: RecordRef, did: Done['did']): Promise<void> {
    await this.base.write([ref.table, 'steps'], async () => {
      const { past } = await this.base.steps.history(ref);
      if ((past.at(-1)?.done as Done | undefined)?.did === did) await this.base.steps.undo(ref);
    });
  }

  async redo(ref: RecordRef): Promise<void> {
    await this.base.write([ref.table, 'steps'], () => this.base.steps.redo(ref));
  }

  /** Walks back (negative) or forward through a record's changes by so many steps, as one whole. */
  async walk(ref: RecordRef, steps: number): Promise<void> {
    await this.base.write([ref.table, 'steps'], () => this.base.steps.walk(ref, steps));
  }

  /** Steps that a window left behind when it was closed in the moment of keeping them. @returns how many were kept now */
  async takeLeftBehind(): Promise<number> {
    let kept = 0;
    for (const step of this.base.journal.left().filter(({ by }) => !this.base.windows.isOpen(by)))
      await this.take(step).then(
        () => (kept += 1),
        () => undefined,
      );
    return kept;
  }

  /** Within a transaction: changes a planting by one edit; one that changes nothing leaves no step. */
  async editing(id: string, edit: Edit, done?: Done): Promise<void> {
    const planting = await this.base.in.plantings.get(id);
    if (!planting) return;
    const next = applyEdit(planting, edit);
    if (next === planting) return;
    const ref = { table: 'plantings', id };
    await this.base.steps.take(
      this.stepBetween(ref, planting, next, done ?? doneOf(edit, planting)),
    );
  }

  /** What is wrong with a record of a room; nothing when it may be kept. */
  faultsOf(table: RoomTable, record: unknown): readonly FileFault[] {
    return this.base.in[table].faultsOf(record);
  }

  /** A record with what follows from it. */
  settled<N extends RoomTable>(table: N, record: RecordOf<N>): RecordOf<N> {
    return (this.base.in[table] as unknown as Repository<N>).settle(record);
  }
}
