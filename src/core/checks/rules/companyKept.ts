import type { Company } from '../../plants/terms';
import { commonGround, TOGETHER } from '../../suitability/company';
import type { Check } from '../check';

export interface CompanyFacts {
  /** Where most of them are at home, and how much the one least at home there is, 0–1. */
  readonly company: Company;
  readonly worth: number;
  /** The one least at home there; `null` when all are. */
  readonly stranger: string | null;
}

/** Are they plants that people grow together? */
export const companyKept: Check<'company', CompanyFacts> = {
  id: 'company',
  weight: 1.4,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'The few communities in which people plant containers, and which of them are met with side by side.',
  },
  limits: { trouble: 0.1, look: 0.75 },
  judge: ({ all: plants, planting }) => {
    const kinds = [...new Map(plants.map(({ kind }) => [kind.id, kind])).values()];
    // What is all to be eaten keeps one company by that.
    if (kinds.length < 2 || planting.wishes.kitchen) return null;
    const { company, worth, stranger } = commonGround(kinds);
    const isStrange = worth < TOGETHER;
    return {
      score: isStrange ? 0.7 * (worth / TOGETHER) : 1,
      facts: { company, worth, stranger: isStrange ? (stranger?.id ?? null) : null },
      culprits: isStrange
        ? plants.filter(({ kindId }) => kindId === stranger?.id).map(({ id }) => id)
        : [],
    };
  },
};
