/** npm run spoil [COUNT [SEED]]: so many spoiled files over all formats through their doors; tells how many were let in, and the longest wait. */
import {
  FORMATS,
  goodArchive,
  isInOurWords,
  readArchive,
  spoiled,
  spoiledBytes,
} from '../tests/builders/spoiledFiles';

const count = Number(process.argv[2] ?? 100_000);
const seed = Number(process.argv[3] ?? 20261129);
const faults: string[] = [];
const share = Math.ceil(count / (FORMATS.length + 1));
const archive = await goodArchive();
const doors: readonly (readonly [
  string,
  (nth: number) => Promise<{ messages: readonly string[] }>,
])[] = [
  ...FORMATS.map(
    ({ name, good, read }, f) =>
      [name, async (nth: number) => read(spoiled(good, seed + f, nth))] as const,
  ),
  ['ZIP', (nth: number) => readArchive(spoiledBytes(archive, seed, nth))],
];
for (const [name, open] of doors) {
  let [refused, worst, worstAt] = [0, 0, 0];
  for (let i = 0; i < share; i += 1) {
    const from = performance.now();
    try {
      const { messages } = await open(i);
      if (messages.length > 0) refused += 1;
      for (const message of messages)
        if (!isInOurWords(message)) faults.push(`${name} ${i}: not in our words: ${message}`);
    } catch (error) {
      faults.push(`${name} ${i}: ${String(error)}`);
    }
    const took = performance.now() - from;
    if (took > worst) [worst, worstAt] = [took, i];
  }
  console.log(
    `${name.padEnd(12)} ${share} files, ${refused} refused; longest ${worst.toFixed(0)} ms (file ${worstAt})`,
  );
}
console.log(`\n${faults.length} faults`);
for (const fault of faults.slice(0, 40)) console.log(fault.slice(0, 400));
process.exit(faults.length > 0 ? 1 : 0);
