import type { Proposal } from '@/core/search/proposal';
import { briefOf } from '@/core/plantings/brief';
import { kindOf } from '@/core/plants/book/index';
import { planted } from '../../../tests/builders/plantings';
import { proposalOf } from '../../../tests/builders/proposals';
import { asTheyWouldStand } from './asItWouldStand';
import { growingAhead } from './growAhead';

jest.mock('@/workers/canHire', () => ({ CAN_HIRE: { thinkers: true, drawers: true } }));
const grown: string[] = [];
let finish: (() => void)[] = [];
jest.mock('@/workers/runJob', () => ({
  runJob: (_job: string, { subject }: { subject: { plants: { kind: { id: string } }[] } }) => {
    grown.push(subject.plants[0]!.kind.id);
    return new Promise<void>((resolve) => finish.push(resolve));
  },
}));
beforeEach(() => {
  grown.splice(0);
  finish = [];
});

const it = (kindId: string): Proposal =>
  proposalOf(kindId, { places: planted([[kindId, 0, 0]]).planting.places });
const brief = briefOf(planted([['coleus-lime', 0, 0]]));
const [lime, white, calla] = ['coleus-lime', 'petunia-white', 'canna-red'].map(it) as [
  Proposal,
  Proposal,
  Proposal,
];
const grownUp = async () => {
  finish.shift()!();
  await new Promise((resolve) => setTimeout(resolve, 0));
};

test('one after another is grown, each once, and none that has dropped out meanwhile', async () => {
  const grow = growingAhead(brief, kindOf, new AbortController().signal);
  grow([lime]);
  expect(grown).toEqual(['coleus-lime']);
  // While the first is being grown a second comes and goes.
  grow([lime, white]);
  grow([lime, calla]);
  await grownUp();
  expect(grown).toEqual(['coleus-lime', 'canna-red']);
  await grownUp();
  grow([calla, lime]);
  expect(grown).toHaveLength(2);
});

test('a search that is given up grows nothing more', async () => {
  const giveUp = new AbortController();
  const grow = growingAhead(brief, kindOf, giveUp.signal);
  grow([lime, white]);
  giveUp.abort();
  await grownUp();
  expect(grown).toEqual(['coleus-lime']);
});

test('one list laid out for one sheet is one list of plantings; for another it is laid out anew', () => {
  const list = [lime, white];
  const laidOut = (by: readonly unknown[]) => asTheyWouldStand(list, () => brief, kindOf, by);
  const its = laidOut(['sheet', 20]);
  expect(its.map(({ plants }) => plants[0]!.kindId)).toEqual(['coleus-lime', 'petunia-white']);
  expect(laidOut(['sheet', 20])).toBe(its);
  expect(laidOut(['sheet', 21])).not.toBe(its);
});
