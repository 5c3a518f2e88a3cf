import { readFileSync } from 'node:fs';
import { createContext, runInContext } from 'node:vm';
import { formatWithOptions } from 'node:util';
import { transformSync } from '@swc/core';
import * as core from './index';

/** The examples of the README, run as they stand there: a door of a room hands out what the door of the house does. */
const README = readFileSync('core/README.md', 'utf8');
const examples = [...README.matchAll(/^## (.+)\n\n```ts\n([\s\S]*?)```/gm)].map(
  ([, name = '', code = '']) => [name, code] as const,
);

/** What an example prints, a line for each `console.log`. */
function printed(code: string): string[] {
  const said: string[] = [];
  const log = (...values: unknown[]): void =>
    void said.push(formatWithOptions({ breakLength: Infinity }, ...(values as [unknown])).trim());
  const { code: script } = transformSync(code, {
    jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
    module: { type: 'commonjs' },
  });
  const require = (name: string): unknown => {
    if (!/^@keen-ladle\/core(?:\/[a-z]+)?$/.test(name)) throw new Error(`No such package: ${name}`);
    return core;
  };
  runInContext(script, createContext({ require, exports: {}, console: { log } }));
  return said;
}

describe('the examples of the core’s README', () => {
  it('are four', () => expect(examples.map(([name]) => name)).toHaveLength(4));

  it.each(examples)('%s', (_name, code) => {
    const promised = [...code.matchAll(/^\/\/ → (.*)$/gm)].map(([, line = '']) => line);
    expect(promised.length).toBeGreaterThan(2);
    expect(printed(code)).toEqual(promised);
  });

  it('name doors that are there, and what is behind them', async () => {
    for (const [, names = '', door = ''] of README.matchAll(
      /import \{ ([^}]+) \} from '@keen-ladle\/core(\/[a-z]+)?'/g,
    )) {
      const handed = (await import(`.${door}/index`)) as Record<string, unknown>;
      for (const name of names.split(', ')) expect([door, name, name in handed]).toEqual([door, name, true]);
    }
  });

  it('has a door for every room, and nothing else', () => {
    const { exports } = JSON.parse(readFileSync('core/package.json', 'utf8')) as {
      exports: Record<string, string>;
    };
    const rooms =
      /const rooms = \[([^\]]+)\]/.exec(readFileSync('.dependency-cruiser.cjs', 'utf8'))?.[1] ?? '';
    const named = [...rooms.matchAll(/'([a-z]+)'/g)].map(([, room = '']) => `./${room}`);
    expect(Object.keys(exports).sort()).toEqual(['.', ...named].sort());
  });
});
