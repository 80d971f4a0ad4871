import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { LARGEST_FILE_BYTES } from '@/core/files/door';
import { VERBS } from './verbs';

const USAGE = `rillbank <verb> --in FILE|- --out FILE|-
verbs: ${Object.keys(VERBS).join(', ')}`;

/** Exit codes: 0 done, 1 not possible, 2 bad input. One clear line on stderr for both. */
async function main(args: readonly string[]): Promise<number> {
  const [verb, ...rest] = args;
  const run = verb ? VERBS[verb] : undefined;
  if (!run)
    return refuse(
      `${verb ? `There is no verb "${verb}".` : 'A verb is needed.'} ${USAGE.replace('\n', '; ')}`,
    );
  const options = new Map<string, string>();
  for (let i = 0; i < rest.length; i += 2) {
    const [name, value] = [rest[i]!, rest[i + 1]];
    if (name !== '--in' && name !== '--out')
      return refuse(`There is no option "${name}"; the options are --in and --out.`);
    if (value === undefined)
      return refuse(
        `${name} needs a file, or - for the standard ${name === '--in' ? 'input' : 'output'}.`,
      );
    options.set(name, value);
  }
  const from = options.get('--in');
  if (from && from !== '-' && !existsSync(from)) return refuse(`--in: there is no file ${from}.`);
  if (from && from !== '-' && statSync(from).size > LARGEST_FILE_BYTES)
    return refuse(
      `--in: ${from} must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(statSync(from).size / 1e6).toFixed(1)} MB.`,
    );
  const answer = run(from === undefined ? '' : readFileSync(from === '-' ? 0 : from, 'utf8'));
  if (answer.kind === 'bad input') return refuse(answer.message);
  if (answer.kind === 'not possible') return refuse(answer.message, 1);
  const to = options.get('--out');
  if (answer.kind === 'file') {
    const bytes = await answer.write();
    if (to && to !== '-') writeFileSync(to, bytes);
    else process.stdout.write(bytes);
    return 0;
  }
  const text = `${JSON.stringify(answer.output, null, 1)}\n`;
  if (to && to !== '-') writeFileSync(to, text);
  else process.stdout.write(text);
  return 0;
}

function refuse(message: string, code = 2): number {
  process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`);
  return code;
}

main(process.argv.slice(2)).then(
  (code) => (process.exitCode = code),
  (error: unknown) => (process.exitCode = refuse(String(error), 1)),
);
