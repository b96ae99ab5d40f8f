import { join } from 'node:path';
import { readdirSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import * as core from '@fern/core';

const source = join(import.meta.dirname, '..', 'core', 'src');
const folder = (name: string) =>
  readdirSync(join(source, name))
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.endsWith('.fixture.ts'))
    .map((file) => join(source, name, file));

interface PublicFunction {
  readonly name: string;
  readonly summary: string;
  readonly tags: readonly { readonly name: string; readonly text: string }[];
  /** Those that are numbers, whose unit or range the type does not say. */
  readonly numbers: readonly string[];
  readonly answersNumber: boolean;
  readonly throws: boolean;
}

/** Every function that the core gives away, and all of its statistics and units, with what is written above it. */
function publicFunctions(): PublicFunction[] {
  const files = [join(source, 'index.ts'), ...folder('stats'), ...folder('quantities')];
  const program = ts.createProgram(files, {
    module: ts.ModuleKind.ESNext,
    moduleResolution: ts.ModuleResolutionKind.Bundler,
    target: ts.ScriptTarget.ESNext,
    strict: true,
    skipLibCheck: true,
  });
  const checker = program.getTypeChecker();
  const symbols = files.flatMap((file) => {
    const module = program.getSourceFile(file);
    const symbol = module && checker.getSymbolAtLocation(module);
    return symbol ? checker.getExportsOfModule(symbol) : [];
  });
  const own = new Set(symbols.map((symbol) => (symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol)));
  return [...own].flatMap((symbol) => {
    const declaration = symbol.valueDeclaration;
    const [call] = declaration ? checker.getTypeOfSymbolAtLocation(symbol, declaration).getCallSignatures() : [];
    if (!declaration || !call) return [];
    return [
      {
        name: symbol.name,
        summary: ts.displayPartsToString(symbol.getDocumentationComment(checker)),
        tags: symbol.getJsDocTags(checker).map(({ name, text }) => ({ name, text: ts.displayPartsToString(text) })),
        numbers: call.parameters
          .filter((parameter) => isNumeric(checker, checker.getTypeOfSymbolAtLocation(parameter, declaration)))
          .map((parameter) => parameter.name),
        answersNumber: isNumeric(checker, call.getReturnType()),
        throws: /\bthrow new\b/.test(declaration.getText()),
      },
    ];
  });
}

/** A number, a list of them, or null in the place of one. */
function isNumeric(checker: ts.TypeChecker, type: ts.Type): boolean {
  return /^(readonly )?number(\[\])*( \| (null|undefined))?$/.test(checker.typeToString(checker.getNonNullableType(type)));
}

const functions = publicFunctions();
const modules = await Promise.all(['stats', 'quantities'].flatMap(folder).map((file) => import(file) as Promise<object>));
const given: Readonly<Record<string, unknown>> = Object.assign({}, core, ...modules);

describe('public functions of the core', () => {
  it('are found', () => {
    expect(functions.length).toBeGreaterThan(150);
    expect(functions.map(({ name }) => name)).toEqual(expect.arrayContaining(['analyse', 'welchT', 'fairTest', 'readPackage', 'convert']));
  });

  it('say what they are for, and what no type says: what a number is, and when they throw', () => {
    const lacking = functions.flatMap(({ name, summary, tags, numbers, answersNumber, throws }) => {
      const texts = (tag: string) => tags.filter((own) => own.name === tag && own.text.trim() !== '').map(({ text }) => text);
      const described = texts('param').map((text) => text.split(' ')[0]);
      const untold = numbers.filter((own) => !described.includes(own));
      return [
        ...(summary.trim() === '' ? [`${name}: what it is for`] : []),
        ...untold.map((own) => `${name}: what the number ${own} is, and its unit`),
        ...(answersNumber && texts('returns').length === 0 ? [`${name}: what number it returns`] : []),
        ...(throws && texts('throws').length === 0 ? [`${name}: @throws`] : []),
      ];
    });
    expect(lacking).toEqual([]);
  });

  it('give examples that hold', () => {
    const examples = functions.flatMap(({ tags }) => tags.filter(({ name }) => name === 'example').map(({ text }) => text));
    expect(examples.length).toBeGreaterThan(20);
    const found = examples.map((text) => {
      const [, call = '', answer = 'null'] = /^(.+) \/\/ (.+)$/.exec(text) ?? [];
      const decimals = /\.(\d+)/.exec(answer)?.[1].length ?? 9;
      return { call, comes: toDecimals(run(call), decimals), said: toDecimals(run(answer), decimals) };
    });
    expect(found.filter(({ comes, said }) => JSON.stringify(comes) !== JSON.stringify(said))).toEqual([]);
  });
});

function run(expression: string): unknown {
  return new Function(...Object.keys(given), `return (${expression})`)(...Object.values(given));
}

/** Numbers, and those of a list, as exactly as the example gives them. */
function toDecimals(value: unknown, decimals: number): unknown {
  if (Array.isArray(value)) return value.map((item) => toDecimals(item, decimals));
  return typeof value === 'number' ? Number(value.toFixed(decimals)) : value;
}
