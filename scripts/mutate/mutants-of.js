// The faults that can be made in a source file, one at a time.
import ts from 'typescript';

const { SyntaxKind: Kind } = ts;

/** Operators and what stands in their place. A comparison is turned round: `<` as `<=` would differ only where two lengths are
 * equal to the last digit. */
const turned = new Map([
  [Kind.LessThanToken, ['comparison', '>=']],
  [Kind.LessThanEqualsToken, ['comparison', '>']],
  [Kind.GreaterThanToken, ['comparison', '<=']],
  [Kind.GreaterThanEqualsToken, ['comparison', '<']],
  [Kind.EqualsEqualsEqualsToken, ['comparison', '!==']],
  [Kind.ExclamationEqualsEqualsToken, ['comparison', '===']],
  [Kind.PlusToken, ['sum', '-']],
  [Kind.MinusToken, ['sum', '+']],
  [Kind.AsteriskToken, ['sum', '/']],
  [Kind.SlashToken, ['sum', '*']],
]);
/** Of two bounds the other one. */
const otherBound = new Map([
  ['Math.max', 'Math.min'],
  ['Math.min', 'Math.max'],
  ['largest', 'smallest'],
  ['smallest', 'largest'],
]);
const makesNumber = new Set(['byRule', 'sum', 'product']);
const counts = new Set(['Math.ceil', 'Math.floor', 'Math.round']);

const isText = (node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);

/** A number that is an amount: not a position in a list, and not a key. */
const isAmount = ({ parent }) =>
  !ts.isElementAccessExpression(parent) && !(ts.isPropertyAssignment(parent) && ts.isNumericLiteral(parent.name));

/** What can be written in place of a node, with the sort of fault that it is. */
function faultsOf(node, source) {
  const text = node.getText(source);
  if (ts.isBinaryExpression(node)) {
    const [sort, other] = turned.get(node.operatorToken.kind) ?? [];
    if (!sort || (sort === 'sum' && (isText(node.left) || isText(node.right)))) return [];
    return [{ at: node.operatorToken, sort, by: other }];
  }
  if (ts.isCallExpression(node)) {
    const name = node.expression.getText(source);
    if (makesNumber.has(name)) return [{ at: node.expression, sort: 'sum', by: `plusOne(${name})`, helper: true }];
    if (otherBound.has(name)) return [{ at: node.expression, sort: 'bound', by: otherBound.get(name) }];
    if (counts.has(name)) return [{ at: node, sort: 'count', by: `(${text} + 1)` }];
  }
  if (!ts.isNumericLiteral(node) || !isAmount(node)) return [];
  const amount = Number(text.replaceAll('_', ''));
  return [amount + 1, ...(amount >= 2 ? [amount - 1] : [])].map((by) => ({ at: node, sort: 'count', by: String(by) }));
}

/** Every fault that can be made in a file: where, what sort of, and the text of the file with it.
 * @param helper where `plusOne` is imported from */
export function mutantsOf(text, helper) {
  const source = ts.createSourceFile('source.ts', text, ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    for (const { at, sort, by, helper: needed } of faultsOf(node, source)) {
      const [from, to] = [at.getStart(source), at.getEnd()];
      const line = source.getLineAndCharacterOfPosition(from).line + 1;
      const missing = ['largest', 'smallest'].includes(by) && !new RegExp(`import [^;]*\\b${by}\\b`).test(text);
      const imports = [
        needed && `import { plusOne } from '${helper}';`,
        missing && `import { ${by} } from '${text.match(/from '(\S+derived\/derived\.ts)'/)?.[1]}';`,
      ];
      const lines = imports.filter(Boolean).join(' ');
      found.push({
        line,
        sort,
        was: at.getText(source),
        by,
        text: `${lines}${text.slice(0, from)}${by}${text.slice(to)}`,
      });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
