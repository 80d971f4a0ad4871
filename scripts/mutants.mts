/**
 * npm run mutants: plants small faults in the core, one at a time and drawn by lot, and asks the tests.
 * Works in a clone of the last commit, so that nothing here is touched. Writes docs/mutants.md.
 *   --each N   so many faults in each room (6)
 *   --seed N   the lot (1)
 *   --rooms a,b   only these rooms; nothing is written then
 */
import { execFileSync, spawnSync } from 'node:child_process';
import {
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { hash01 } from '../src/core/random/hash';

const root = join(import.meta.dirname, '..');
const told = (name: string, usual: string): string => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : (process.argv[at + 1] ?? usual);
};
const each = Number(told('each', '6'));
const seed = Number(told('seed', '1'));
const only = told('rooms', '').split(',').filter(Boolean);
/** A fault that makes a room's own tests hang is noticed, ms. */
const OWN_MS = 120_000;
/** Tests of other rooms that reach it are asked for so long, ms: all of them would take minutes a fault. */
const OTHERS_MS = 40_000;

interface Fault {
  readonly room: string;
  readonly file: string;
  readonly line: number;
  readonly was: string;
  readonly is: string;
  readonly from: number;
  readonly to: number;
}

const SWAPPED = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.QuestionQuestionToken, '&&'],
]);
const CALLED = new Map([
  ['min', 'max'],
  ['max', 'min'],
  ['some', 'every'],
  ['every', 'some'],
  ['floor', 'ceil'],
  ['ceil', 'floor'],
  ['sin', 'cos'],
  ['cos', 'sin'],
]);

/** Every small fault that can be planted in a file. */
function faultsIn(room: string, file: string): readonly Fault[] {
  const text = readFileSync(join(root, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Fault[] = [];
  const add = (node: ts.Node, is: string) => {
    const from = node.getStart(source);
    found.push({
      room,
      file,
      line: source.getLineAndCharacterOfPosition(from).line + 1,
      was: node.getText(source),
      is,
      from,
      to: node.getEnd(),
    });
  };
  const walk = (node: ts.Node): void => {
    // Types say nothing at run time.
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node))
      return;
    if (ts.isBinaryExpression(node)) {
      const swapped = SWAPPED.get(node.operatorToken.kind);
      const joinsText = [node.left, node.right].some(
        (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
      );
      if (swapped && !joinsText) add(node.operatorToken, swapped);
    } else if (ts.isNumericLiteral(node)) add(node, String(other(Number(node.text))));
    else if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
    else if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    else if (ts.isPrefixUnaryExpression(node)) {
      if (
        node.operator === ts.SyntaxKind.ExclamationToken ||
        node.operator === ts.SyntaxKind.MinusToken
      )
        add(node, node.operand.getText(source));
    } else if (ts.isIfStatement(node))
      add(node.expression, `!(${node.expression.getText(source)})`);
    else if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent)) {
      const called = CALLED.get(node.name.text);
      if (called) add(node.name, called);
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  return found;
}

/** A number that is clearly another. */
const other = (n: number): number =>
  n === 0 ? 1 : Number.isInteger(n) && n < 10 ? n + 1 : n * 1.3;

function filesOf(room: string): readonly string[] {
  return (
    readdirSync(join(root, 'src/core', room), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.ts$/.test(name) && !/\.(test|bench)\.ts$/.test(name))
      // What a plant is like is data: the book's own tests and table see to it.
      .filter((name) => room !== 'plants' || !/^(book|packed)/.test(name))
      .map((name) => join('src/core', room, name))
      .sort()
  );
}

const rooms = readdirSync(join(root, 'src/core'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name)
  .filter((name) => only.length === 0 || only.includes(name));

const clone = mkdtempSync(join(tmpdir(), 'rillbank-mutants-'));
execFileSync('git', ['clone', '-q', root, clone]);
symlinkSync(join(root, 'node_modules'), join(clone, 'node_modules'));
execFileSync('npm', ['run', '--silent', 'book'], { cwd: clone, stdio: 'ignore' });

const jest = join(clone, 'node_modules', '.bin', 'jest');
const isRed = (tests: readonly string[], longestMs: number, isHangingRed: boolean): boolean => {
  if (tests.length === 0) return false;
  const { status } = spawnSync(
    jest,
    [
      '--silent',
      '--selectProjects',
      'core',
      '--maxWorkers',
      '1',
      '--bail',
      '--runTestsByPath',
      ...tests,
    ],
    {
      cwd: clone,
      encoding: 'utf8',
      timeout: longestMs,
    },
  );
  // No status: it was ended for taking too long.
  return status === null ? isHangingRed : status !== 0;
};

const roomOf = (path: string): string => path.split('/').slice(0, 3).join('/');

/** Tests that reach a file, those of its own room first. */
const reached = new Map<string, readonly string[]>();
function testsOf(file: string): readonly string[] {
  const known = reached.get(file);
  if (known) return known;
  const listed = spawnSync(
    jest,
    ['--selectProjects', 'core', '--listTests', '--findRelatedTests', file],
    {
      cwd: clone,
      encoding: 'utf8',
    },
  )
    .stdout.split('\n')
    .filter((line) => line.endsWith('.test.ts'))
    .map((path) => relative(clone, path));
  const near = (test: string) =>
    roomOf(test) === roomOf(file) ? 0 : test.startsWith('src/core') ? 1 : 2;
  const sorted = [...listed].sort((a, b) => near(a) - near(b));
  reached.set(file, sorted);
  return sorted;
}

function isNoticed({ file, from, to, is }: Fault): boolean {
  const path = join(clone, file);
  const whole = readFileSync(path, 'utf8');
  writeFileSync(path, whole.slice(0, from) + is + whole.slice(to));
  try {
    const tests = testsOf(file);
    const own = tests.filter((test) => roomOf(test) === roomOf(file));
    const others = tests.filter((test) => !own.includes(test));
    return isRed(own, OWN_MS, true) || isRed(others, OTHERS_MS, false);
  } finally {
    writeFileSync(path, whole);
  }
}

const rows: {
  readonly room: string;
  readonly faults: readonly Fault[];
  readonly left: readonly Fault[];
}[] = [];
for (const [r, room] of rooms.entries()) {
  const all = filesOf(room).flatMap((file) => faultsIn(room, file));
  const lot = all
    .map((fault, i) => ({ fault, drawn: hash01(seed, r + 1, i) }))
    .sort((a, b) => a.drawn - b.drawn)
    .slice(0, each)
    .map(({ fault }) => fault);
  const left = lot.filter((fault) => !isNoticed(fault));
  rows.push({ room, faults: lot, left });
  console.log(
    `${room}: ${lot.length - left.length} of ${lot.length} noticed (of ${all.length} that could be planted)`,
  );
  for (const { file, line, was, is } of left)
    console.log(`  left: ${file}:${line}  ${was} → ${is}`);
}
rmSync(clone, { recursive: true, force: true });

const planted = rows.reduce((sum, { faults }) => sum + faults.length, 0);
const left = rows.flatMap((row) => row.left);
console.log(`\n${planted - left.length} of ${planted} noticed`);
if (only.length === 0) {
  const commit = execFileSync('git', ['rev-parse', '--short', 'HEAD'], {
    cwd: root,
    encoding: 'utf8',
  }).trim();
  writeFileSync(
    join(root, 'docs/mutants.md'),
    [
      '# Small faults, and whether the tests notice',
      '',
      `\`npm run mutants -- --each ${each} --seed ${seed}\` at ${commit}: ${planted - left.length} of ${planted} faults noticed by the core's own tests.`,
      'A fault is one sign, number, comparison or condition changed, drawn by lot in every room of `src/core` (the plant data left out).',
      '',
      '| room | noticed | of |',
      '| --- | --- | --- |',
      ...rows.map(
        (row) => `| ${row.room} | ${row.faults.length - row.left.length} | ${row.faults.length} |`,
      ),
      '',
      '## Not noticed',
      '',
      ...left.map(({ file, line, was, is }) =>
        `- \`${file}:${line}\`: \`${was}\` → \`${is}\``.replace(/\n\s*/g, ' '),
      ),
      '',
    ].join('\n'),
  );
}
