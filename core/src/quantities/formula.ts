import { itemAt } from '../invariant';
import jsep, { type Expression } from 'jsep';
import { commensurable, multiply, plainNumber, raise, usualUnit, type Dimensioned } from './dimensions';

jsep.removeAllBinaryOps();
jsep.removeAllUnaryOps();
for (const [sign, binds] of [
  ['+', 1],
  ['-', 1],
  ['*', 2],
  ['/', 2],
] as const)
  jsep.addBinaryOp(sign, binds);
jsep.addBinaryOp('^', 3, true);
jsep.addUnaryOp('-');

const functions = {
  min: (values: readonly number[]) => Math.min(...values),
  max: (values: readonly number[]) => Math.max(...values),
  ln: ([value = NaN]: readonly number[]) => Math.log(value),
} as const;
type FunctionName = keyof typeof functions;
const isFunction = (name: string): name is FunctionName => Object.hasOwn(functions, name);

type Node =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'minus'; readonly of: Node }
  | { readonly kind: 'sign'; readonly sign: '+' | '-' | '*' | '/' | '^'; readonly left: Node; readonly right: Node }
  | { readonly kind: 'call'; readonly call: FunctionName; readonly of: readonly Node[] };

/** A formula that was read: numbers, names, + − * / ^, parentheses, min, max, ln, pi. */
export interface Formula {
  readonly root: Node;
  /** The names in it, each once. */
  readonly names: readonly string[];
}

/** Something in a formula that cannot be; the message says what, for the person who typed it. */
export class FormulaError extends Error {}

/**
 * Reads a formula. Nothing in it is ever run as a program.
 * @param text as typed, of at most 300 characters
 * @returns the formula with the names of its measures
 * @throws {FormulaError} where it is no formula
 * @example readFormula('pi/6*height*width^2').names // ['height', 'width']
 */
export function readFormula(text: string): Formula {
  if (text.trim() === '') throw new FormulaError('Type a formula, like pi/6*height*width^2.');
  const root = asNode(parsed(text));
  return { root, names: [...new Set(namesIn(root))] };
}

function parsed(text: string): Expression {
  try {
    return jsep(text.replaceAll('−', '-').replaceAll('·', '*').replaceAll('×', '*').replaceAll('²', '^2').replaceAll('³', '^3'));
  } catch {
    throw new FormulaError(`“${text}” is not a formula. Use names, numbers, + - * / ^ and brackets, like (poured-drained)/dry.`);
  }
}

const signs = ['+', '-', '*', '/', '^'] as const;

function asNode(expression: Expression): Node {
  const { type } = expression;
  if (type === 'Literal' && typeof expression.value === 'number') return { kind: 'number', value: expression.value };
  if (type === 'Identifier' && typeof expression.name === 'string')
    return expression.name === 'pi' ? { kind: 'number', value: Math.PI } : { kind: 'name', name: expression.name };
  if (type === 'UnaryExpression') return { kind: 'minus', of: asNode(expression.argument as Expression) };
  const sign = signs.find((known) => known === expression.operator);
  if (type === 'BinaryExpression' && sign) {
    const left = asNode(expression.left as Expression);
    if (sign === '^' && left.kind === 'minus') throw new FormulaError('Put brackets where a minus meets a power: -(a^2) or (0-a)^2.');
    return { kind: 'sign', sign, left, right: asNode(expression.right as Expression) };
  }
  const callee = expression.callee as Expression | undefined;
  if (type === 'CallExpression' && typeof callee?.name === 'string' && isFunction(callee.name)) {
    const of = (expression.arguments as Expression[]).map(asNode);
    if (of.length === 0 || (callee.name === 'ln' && of.length > 1))
      throw new FormulaError(`${callee.name}( ) needs ${callee.name === 'ln' ? 'one value' : 'values'} in its brackets.`);
    return { kind: 'call', call: callee.name, of };
  }
  throw new FormulaError('Only names, numbers, + - * / ^, brackets, min( ), max( ), ln( ) and pi can stand in a formula.');
}

function namesIn(node: Node): string[] {
  if (node.kind === 'name') return [node.name];
  if (node.kind === 'minus') return namesIn(node.of);
  if (node.kind === 'sign') return [...namesIn(node.left), ...namesIn(node.right)];
  return node.kind === 'call' ? node.of.flatMap(namesIn) : [];
}

/**
 * What a formula comes to.
 * @param formula as read
 * @param valueOf each name's value, in base units where units are mixed
 * @returns NaN or an infinity where it cannot be worked out, as after a division by 0
 * @example evaluate(readFormula('(poured - drained) / dry'), (name) => ({ poured: 100, drained: 40, dry: 20 })[name] ?? 0) // 3
 */
export function evaluate({ root }: Formula, valueOf: (name: string) => number): number {
  const value = (node: Node): number => {
    if (node.kind === 'number') return node.value;
    if (node.kind === 'name') return valueOf(node.name);
    if (node.kind === 'minus') return -value(node.of);
    if (node.kind === 'call') return functions[node.call](node.of.map(value));
    const [left, right] = [value(node.left), value(node.right)];
    return { '+': left + right, '-': left - right, '*': left * right, '/': left / right, '^': left ** right }[node.sign];
  };
  return value(root);
}

/**
 * The unit in which a formula comes out.
 * @param formula as read
 * @param unitOf each name's unit
 * @returns a unit; no power of anything for a plain number
 * @throws {FormulaError} where units do not go together
 */
export function unitOfFormula({ root }: Formula, unitOf: (name: string) => Dimensioned): Dimensioned {
  const alike = (parts: readonly Dimensioned[], what: string): Dimensioned => {
    const odd = parts.find((part) => !commensurable(part, itemAt(parts, 0)));
    if (odd) throw new FormulaError(`${named(itemAt(parts, 0))} and ${named(odd)} cannot be ${what}.`);
    return itemAt(parts, 0);
  };
  const unit = (node: Node): Dimensioned => {
    if (node.kind === 'number') return plainNumber;
    if (node.kind === 'name') return unitOf(node.name);
    if (node.kind === 'minus') return unit(node.of);
    if (node.kind === 'call') {
      const parts = node.of.map(unit);
      if (node.call === 'ln') alike([plainNumber, ...parts], 'put together: ln needs a number without a unit');
      return alike(parts, 'compared');
    }
    const [left, right] = [unit(node.left), unit(node.right)];
    if (node.sign === '*') return multiply(left, right);
    if (node.sign === '/') return multiply(left, right, -1);
    if (node.sign !== '^') return alike([left, right], node.sign === '+' ? 'added' : 'taken from one another');
    alike([plainNumber, right], 'put together: a power is a number without a unit');
    if (commensurable(left, plainNumber)) return left;
    if (node.right.kind !== 'number') throw new FormulaError(`${named(left)} can only be raised to a number that stands there, like ^2.`);
    return raise(left, node.right.value);
  };
  return unit(root);
}

function named(unit: Dimensioned): string {
  return usualUnit(unit) || 'a plain number';
}
