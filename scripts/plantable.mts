// Every small fault that npm run mutants can plant in a file.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** One sign, number, comparison or condition that is changed. */
export interface Fault {
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
export function faultsIn(root: string, room: string, file: string): readonly Fault[] {
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
