// npm run figures [FOLDER]: how readable the code is, in figures: lines, files, functions, circles, names told twice.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';
import { LONG_ON_PURPOSE } from './longOnPurpose.mts';

const root = resolve(process.argv[2] ?? '.');
const files = execFileSync('git', ['ls-files', 'src/**/*.ts', 'src/**/*.tsx'], { cwd: root })
  .toString()
  .split('\n')
  .filter((file) => file && !/\/book\//.test(file) && !/\.test\.tsx?$/.test(file));
const WIDE = 100;
const LONG_FUNCTION = 60;
const LONG_COMPONENT = 120;

interface Read {
  readonly file: string;
  readonly text: string;
  readonly lines: readonly string[];
  readonly source: ts.SourceFile;
}

const all: readonly Read[] = files.map((file) => {
  const text = readFileSync(join(root, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2022, true);
  return { file, text, lines: text.split('\n'), source };
});
const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const share = (values: readonly number[], part: number) =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) * part)] ?? 0;
const say = (name: string, value: unknown) => console.log(`${name.padEnd(46)} ${String(value)}`);

const lines = all.flatMap((one) => one.lines);
say('files / lines (book and tests left out)', `${all.length} / ${lines.length}`);
say(
  `lines wider than ${WIDE}, of 1,000; the widest`,
  `${((1000 * lines.filter(({ length }) => length > WIDE).length) / lines.length).toFixed(1)}; ${Math.max(...lines.map(({ length }) => length))}`,
);
const linesIn = (...paths: readonly string[]): number =>
  execFileSync('git', ['ls-files', ...paths], { cwd: root })
    .toString()
    .split('\n')
    .filter((file) => file && !/\/book\//.test(file))
    .reduce((sum, file) => sum + readFileSync(join(root, file), 'utf8').split('\n').length, 0);
const tested = linesIn('tests/**/*.ts', 'tests/**/*.tsx', 'src/**/*.test.ts', 'src/**/*.test.tsx');
say(
  'tests: share of code and tests by lines',
  `${((100 * tested) / (tested + lines.length)).toFixed(1)} %`,
);
const long = all.map(({ file, lines: own }) => ({ file, length: own.length }));
say(
  'file: median / longest',
  `${middle(long.map(({ length }) => length))} / ${long.sort((a, b) => b.length - a.length)[0]!.length} (${long[0]!.file})`,
);

interface Fn {
  readonly name: string;
  readonly file: string;
  readonly length: number;
  readonly component: boolean;
}
const functions: Fn[] = [];
for (const { file, source } of all) {
  const visit = (node: ts.Node) => {
    if (ts.isFunctionLike(node) && 'body' in node && node.body) {
      const from = source.getLineAndCharacterOfPosition(node.getStart()).line;
      const to = source.getLineAndCharacterOfPosition(node.end).line;
      const parent = node.parent;
      const name =
        (node.name && node.name.getText()) ??
        (ts.isVariableDeclaration(parent)
          ? parent.name.getText()
          : ts.isCallExpression(parent) && ts.isVariableDeclaration(parent.parent)
            ? parent.parent.name.getText()
            : '');
      if (name || to - from > 20)
        functions.push({
          name: name || '(unnamed)',
          file,
          length: to - from + 1,
          component: file.endsWith('.tsx') && /^[A-Z]/.test(name),
        });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
}
const lengths = functions.map(({ length }) => length);
say('function: median / p99', `${middle(lengths)} / ${share(lengths, 0.99)}`);

const imports = new Map<string, readonly { readonly to: string; readonly type: boolean }[]>();
for (const { file, source } of all)
  imports.set(
    file,
    source.statements.flatMap((statement) => {
      if (!ts.isImportDeclaration(statement) || !ts.isStringLiteral(statement.moduleSpecifier))
        return [];
      const to = target(file, statement.moduleSpecifier.text);
      const clause = statement.importClause;
      const named = clause?.namedBindings;
      const type =
        clause?.isTypeOnly === true ||
        (named !== undefined &&
          ts.isNamedImports(named) &&
          !clause?.name &&
          named.elements.length > 0 &&
          named.elements.every(({ isTypeOnly }) => isTypeOnly));
      return to ? [{ to, type }] : [];
    }),
  );
function target(from: string, specifier: string): string | null {
  const base = specifier.startsWith('@/')
    ? `src/${specifier.slice(2)}`
    : specifier.startsWith('.')
      ? relative(root, resolve(root, dirname(from), specifier))
      : null;
  return base === null
    ? null
    : ([`${base}.ts`, `${base}.tsx`].find((one) => files.includes(one)) ?? null);
}
/** Groups of files that lead to each other (Tarjan's strongly connected components). */
function circles(withTypes: boolean): readonly (readonly string[])[] {
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const stack: string[] = [];
  const found: string[][] = [];
  const visit = (file: string) => {
    index.set(file, index.size);
    low.set(file, index.get(file)!);
    stack.push(file);
    for (const { to, type } of imports.get(file) ?? []) {
      if (type && !withTypes) continue;
      if (!index.has(to)) visit(to);
      if (stack.includes(to)) low.set(file, Math.min(low.get(file)!, low.get(to)!));
    }
    if (low.get(file) !== index.get(file)) return;
    const group = stack.splice(stack.indexOf(file));
    if (group.length > 1) found.push(group);
  };
  for (const file of files) if (!index.has(file)) visit(file);
  return found;
}
say(
  'circles of imports: by value / with types',
  `${circles(false).length} / ${circles(true).length}`,
);
for (const circle of circles(true))
  say('  circle', circle.map((file) => file.replace('src/', '')).join(', '));

const exported = new Map<string, string[]>();
for (const { file, source } of all)
  for (const statement of source.statements) {
    const modifiers = ts.canHaveModifiers(statement) ? ts.getModifiers(statement) : undefined;
    if (!modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)) continue;
    if (modifiers.some(({ kind }) => kind === ts.SyntaxKind.DefaultKeyword)) continue;
    const names = ts.isVariableStatement(statement)
      ? statement.declarationList.declarations.map(({ name }) => name.getText())
      : 'name' in statement && statement.name
        ? [(statement.name as ts.Identifier).text]
        : [];
    for (const name of new Set(names)) exported.set(name, [...(exported.get(name) ?? []), file]);
  }
const twice = [...exported].filter(([, where]) => new Set(where).size > 1);
say('names exported from two files or more', twice.length);
for (const [name, where] of twice)
  say(`  ${name}`, [...new Set(where)].map((f) => f.replace('src/', '')).join(', '));

const core = all.filter(({ file }) => file.startsWith('src/core/'));
const bangs = core.reduce((sum, { source }) => {
  let count = 0;
  const visit = (node: ts.Node) => {
    if (ts.isNonNullExpression(node)) count += 1;
    ts.forEachChild(node, visit);
  };
  visit(source);
  return sum + count;
}, 0);
const coreLines = core.reduce((sum, one) => sum + one.lines.length, 0);
say('`!` in the core, of 1,000 lines', ((1000 * bangs) / coreLines).toFixed(1));
const ui = all.filter(({ file }) => file.startsWith('src/ui/'));
const count = (pattern: RegExp, among = ui) =>
  among.reduce((sum, { text }) => sum + (text.match(pattern)?.length ?? 0), 0);
const rooms = ui.filter(({ file }) => !file.includes('/controls/'));
say(
  'raw button, select, details, box, range in rooms',
  count(/<(button|select|details)\b|type="(checkbox|range)"/g, rooms),
);
say('arbitrary type sizes (text-[…px])', count(/\btext-\[[\d.]+px\]/g));
say('conditionals nested three deep', nested(3));

/** `a ? b : c ? d : e ? …` and the like, by depth. */
function nested(depth: number): number {
  let found = 0;
  for (const { source } of all) {
    const visit = (node: ts.Node, within: number) => {
      const own = ts.isConditionalExpression(node) ? within + 1 : within;
      if (ts.isConditionalExpression(node) && own === depth) found += 1;
      const next = ts.isConditionalExpression(node) || ts.isParenthesizedExpression(node) ? own : 0;
      ts.forEachChild(node, (child) => visit(child, next));
    };
    visit(source, 0);
  }
  return found;
}

const thick = functions
  .filter(({ length, component }) => length > (component ? LONG_COMPONENT : LONG_FUNCTION))
  .sort((a, b) => b.length - a.length);
say(`components > ${LONG_COMPONENT} or functions > ${LONG_FUNCTION} lines`, thick.length);
const unnamed = thick.filter(
  ({ name, file }) => !(name in LONG_ON_PURPOSE) && !(reasonOf(file) in LONG_ON_PURPOSE),
);
for (const { name, file, length } of thick)
  say(
    `  ${name}`,
    `${length}  ${file.replace('src/', '')}: ${LONG_ON_PURPOSE[name] ?? LONG_ON_PURPOSE[reasonOf(file)] ?? 'NO REASON IS GIVEN'}`,
  );
const gone = Object.keys(LONG_ON_PURPOSE).filter(
  (name) => !thick.some((one) => one.name === name || reasonOf(one.file) === name),
);
say('of them without a reason / reasons without one', `${unnamed.length} / ${gone.length}`);
for (const name of gone) say(`  ${name}`, 'is long no more');

/** A function without a name goes by its file's. */
function reasonOf(file: string): string {
  return file.replace(/^.*\/|\.tsx?$/g, '');
}
