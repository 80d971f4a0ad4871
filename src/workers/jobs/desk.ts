import { BOOK } from '@/core/plants/book/index';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { libraryOf, type Gardener, type Library } from '@/core/plants/library';
import type { Work } from '@/core/work/steps';
import type { Jobs, ThinkingJob } from '../messages';
import { turn } from './turn';

/** Longest stretch of thinking before the event loop turns, ms: a cancel arrives within it. */
const SLICE_MS = 14;

/** The job was given up by whoever asked. */
export class GivenUp extends Error {
  override readonly name = 'GivenUp';
}

/** What a job has at hand while it works. */
export interface JobDesk<Progress> {
  /** The book, with what the gardener knows of kinds. */
  readonly library: Library;
  /** Kinds to choose from: those named, or all that are not never to be planted again. */
  readonly kindsFrom: (only: readonly KindId[] | null) => readonly PlantKind[];
  readonly tell: (progress: Progress) => void;
  /** Lets the event loop turn once this stretch is over. @throws {GivenUp} when nobody waits any more */
  readonly breathe: () => Promise<void>;
  /** Works off long work in short stretches. @throws {GivenUp} when nobody waits any more */
  readonly run: <T>(work: Work<T>) => Promise<T>;
}

/** One job of the thinking worker: what is asked becomes what is answered. */
export type Handler<N extends ThinkingJob> = (
  request: Jobs[N]['request'],
  desk: JobDesk<Jobs[N]['progress']>,
) => Promise<Jobs[N]['result']>;

/** What all jobs share: the library, and which have been given up. */
export class Workshop {
  private library: Library = libraryOf(BOOK, [], 'european');
  private readonly givenUp = new Set<number>();

  learn({ own, market, here }: Gardener): void {
    this.library = libraryOf(BOOK, own, market, here);
  }

  giveUp(id: number): void {
    this.givenUp.add(id);
  }

  /** A desk for one job. Its library stays the same however long the job takes. */
  deskFor<P>(id: number, tell: (progress: P) => void): JobDesk<P> {
    const { library, givenUp } = this;
    let sliceEnd = performance.now() + SLICE_MS;
    const breathe = async () => {
      if (performance.now() < sliceEnd) return;
      await turn();
      if (givenUp.has(id)) throw new GivenUp();
      sliceEnd = performance.now() + SLICE_MS;
    };
    return {
      library,
      kindsFrom: (only) =>
        only ? library.offered.filter((kind) => only.includes(kind.id)) : library.offered,
      tell,
      breathe,
      run: async (work) => {
        for (;;) {
          const step = work.next();
          if (step.done) return step.value;
          await breathe();
        }
      },
    };
  }

  done(id: number): void {
    this.givenUp.delete(id);
  }
}
