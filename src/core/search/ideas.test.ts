import { proposalOf } from '../../../tests/builders/proposals';
import { sixIdeas } from './ideas';
import type { Proposal } from './proposal';

test('of two alike a sampler of singles comes second, and what is led by leaves not first for that', () => {
  const proposal = (school: Proposal['school'], ids: readonly string[], score = 0.9) =>
    proposalOf(ids[0]!, {
      school,
      bodies: [...new Set(ids.slice(1))],
      places: ids.map((kindId, i) => ({
        id: `p${i}`,
        kindId,
        xCm: i,
        zCm: 0,
        size: '9cm',
        seed: i,
      })),
      score,
    });
  const sampler = proposal('thriller', ['a', 'b', 'c', 'd', 'e']);
  const plain = proposal('thriller', ['f', 'g', 'g', 'h', 'h']);
  expect(sixIdeas([sampler, plain], 2)).toEqual([plain, sampler]);
  const leafy = proposal('leaf-led', ['i', 'j', 'j', 'k', 'k'], 0.89);
  expect(sixIdeas([leafy, plain], 2)).toEqual([plain, leafy]);
});

test('where money is short a full box comes before a few fine plants', () => {
  const [few, full] = [
    proposalOf('few', { thin: 0.4, score: 0.95 }),
    proposalOf('full', { thin: 0, score: 0.85 }),
  ] as const;
  expect(sixIdeas([few, full], 2)).toEqual([full, few]);
  expect(sixIdeas([{ ...few, thin: 0 }, full], 2)[0]!.lead).toBe('few');
});

test('what has the wished colours comes before what has none, and flowers before leaves where summer is for them', () => {
  const plain = proposalOf('plain', { score: 0.8, leafy: 0 });
  const firstBeside = (more: Partial<Proposal>) =>
    sixIdeas([proposalOf('other', more), plain], 2)[0]!.lead;
  expect(firstBeside({ leafy: 0 })).toBe('other');
  expect(firstBeside({ leafy: 1 })).toBe('plain');
  expect(firstBeside({ coloured: 0 })).toBe('plain');
});

test('with three good ones, what is much poorer or lacks a colour is rather not shown', () => {
  const found = (fourth: Partial<Proposal>, fifth: Partial<Proposal> = {}) =>
    sixIdeas(
      ['a', 'b', 'c', 'd', 'e'].map((lead, i) =>
        proposalOf(lead, { score: 0.9, ...(i === 3 ? fourth : i === 4 ? fifth : {}) }),
      ),
      6,
    ).length;
  expect(found({})).toBe(5);
  expect([found({ score: 0.66 }), found({ score: 0.64 })]).toEqual([5, 4]);
  expect(found({ missing: ['white'] })).toBe(4);
  expect(found({ score: 0.5 }, { missing: ['white'] })).toBe(3);
});

test('for one season a dear planting comes after others as good; what stands for years may cost more', () => {
  const plain = ['a', 'b', 'c'].map((lead) => proposalOf(lead, { score: 0.85, cost: 40 }));
  const lastOf = (more: Partial<Proposal>) =>
    sixIdeas([proposalOf('dear', { score: 0.9, ...more }), ...plain], 4).at(-1)!.lead;
  expect(lastOf({ cost: 90 })).toBe('dear');
  expect(lastOf({ cost: 48 })).not.toBe('dear');
  expect(lastOf({ cost: 90, lasts: true })).not.toBe('dear');
});
