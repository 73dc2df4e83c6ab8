import ts from "typescript";

/** One small break: the text from `start` to `end` becomes `to`. */
export interface Mutant {
  kind: "logic" | "constant";
  start: number;
  end: number;
  to: string;
  /** The line it stands in, and what was there. */
  line: number;
  was: string;
}

const SWAPS = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.PlusToken, "-"],
  [ts.SyntaxKind.MinusToken, "+"],
  [ts.SyntaxKind.AsteriskToken, "/"],
  [ts.SyntaxKind.SlashToken, "*"],
  [ts.SyntaxKind.LessThanToken, "<="],
  [ts.SyntaxKind.LessThanEqualsToken, "<"],
  [ts.SyntaxKind.GreaterThanToken, ">="],
  [ts.SyntaxKind.GreaterThanEqualsToken, ">"],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, "!=="],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, "==="],
  [ts.SyntaxKind.AmpersandAmpersandToken, "||"],
  [ts.SyntaxKind.BarBarToken, "&&"],
]);
const METHODS = new Map([
  ["min", "max"],
  ["max", "min"],
  ["floor", "ceil"],
  ["ceil", "floor"],
  ["some", "every"],
  ["every", "some"],
]);

/** Texts joined with + are no arithmetic. */
const joinsText = (node: ts.BinaryExpression): boolean =>
  [node.left, node.right].some(
    (side) =>
      ts.isStringLiteralLike(side) ||
      ts.isTemplateExpression(side) ||
      (ts.isBinaryExpression(side) && side.operatorToken.kind === ts.SyntaxKind.PlusToken && joinsText(side)),
  );

/** A figure that is off by a tenth, or by one where it counts. */
function otherFigure(text: string): string {
  const value = Number(text.replaceAll("_", ""));
  if (value === 0) return "1";
  return Number.isInteger(value) && Math.abs(value) < 100 ? String(value + 1) : `(${text} * 1.1)`;
}

/** Every small break of a file: operators, conditions and truths turned round (logic), figures moved (constants). */
export function mutantsOf(file: string, text: string): Mutant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const add = (kind: Mutant["kind"], node: ts.Node, to: string) => {
    const start = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(start).line + 1;
    found.push({ kind, start, end: node.getEnd(), to, line, was: node.getText(source) });
  };
  const visit = (node: ts.Node): void => {
    // Types and imports say nothing that runs; what is thrown is for whoever wrote the caller.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isTypeAliasDeclaration(node) || ts.isThrowStatement(node)) return;
    if (ts.isBinaryExpression(node)) {
      const to = SWAPS.get(node.operatorToken.kind);
      if (to !== undefined && !(node.operatorToken.kind === ts.SyntaxKind.PlusToken && joinsText(node)))
        add("logic", node.operatorToken, to);
    }
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      add("logic", node, node.operand.getText(source));
    if (ts.isConditionalExpression(node)) add("logic", node.condition, `!(${node.condition.getText(source)})`);
    if (ts.isIfStatement(node)) add("logic", node.expression, `!(${node.expression.getText(source)})`);
    if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent) && node.parent.expression === node) {
      const to = METHODS.get(node.name.text);
      if (to !== undefined) add("logic", node.name, to);
    }
    if (node.kind === ts.SyntaxKind.TrueKeyword) add("logic", node, "false");
    if (node.kind === ts.SyntaxKind.FalseKeyword) add("logic", node, "true");
    if (ts.isNumericLiteral(node) && !ts.isEnumMember(node.parent)) add("constant", node, otherFigure(node.text));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
