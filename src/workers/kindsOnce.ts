import type { PlantKind } from '@/core/plants/kind';
import { numberOf, type Subject } from '@/core/seeing/subject';

/** A subject whose plants name their kinds by number. */
export type SubjectByNumber = Omit<Subject, 'plants'> & {
  readonly plants: readonly (Omit<Subject['plants'][number], 'kind'> & { readonly kind: number })[];
};

/** Kinds that were not sent before, with their numbers. */
export type NewKinds = readonly (readonly [number: number, kind: PlantKind])[];

/**
 * The sending side: a kind's record crosses to a worker once, not with every move of a hand. A dozen of them copied for each
 * picture, and read again on the other side, take longer than the message they travel in.
 */
export class KindSender {
  private readonly sent = new Set<number>();

  pack({ plants, ...rest }: Subject): {
    readonly subject: SubjectByNumber;
    readonly kinds: NewKinds;
  } {
    const kinds: [number, PlantKind][] = [];
    const byNumber = plants.map(({ kind, ...place }) => {
      const number = numberOf(kind);
      if (!this.sent.has(number)) {
        this.sent.add(number);
        kinds.push([number, kind]);
      }
      return { ...place, kind: number };
    });
    return { subject: { ...rest, plants: byNumber }, kinds };
  }
}

/** The receiving side. */
export class KindReceiver {
  private readonly known = new Map<number, PlantKind>();

  learn(kinds: NewKinds): void {
    for (const [number, kind] of kinds) this.known.set(number, kind);
  }

  /** @throws when a kind was never sent */
  unpack({ plants, ...rest }: SubjectByNumber): Subject {
    return {
      ...rest,
      plants: plants.map(({ kind: number, ...place }) => {
        const kind = this.known.get(number);
        if (!kind) throw new Error(`Kind number ${number} was never sent.`);
        return { ...place, kind };
      }),
    };
  }
}
