import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { expect, test } from 'vitest';

/** How the screens' code is laid out: small files, small rooms, and no room that goes round in circles. */
const SRC = resolve(import.meta.dirname, '..');
const MOST_LINES = 400;
const MOST_FILES = 25;

const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !file.endsWith('.d.ts') && !/\.test\.tsx?$/.test(file))
  .map((file) => join(SRC, file));

function importsOf(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/(?:from|import\()\s*'(\.[^']+)'/g)]
    .map(([, path]) => join(dirname(file), path ?? ''))
    .flatMap((path) => ['.ts', '.tsx', ''].map((end) => path + end).filter((p) => existsSync(p)))
    .filter((path) => files.includes(path));
}

const room = (file: string) => dirname(relative(SRC, file));

/** The way round, where there is one. */
function circle(
  nodes: Iterable<string>,
  next: (node: string) => Iterable<string>,
): string[] | null {
  const done = new Set<string>();
  const walk = (node: string, path: string[]): string[] | null => {
    if (path.includes(node)) return [...path.slice(path.indexOf(node)), node];
    if (done.has(node)) return null;
    for (const to of next(node)) {
      const found = walk(to, [...path, node]);
      if (found) return found;
    }
    done.add(node);
    return null;
  };
  for (const node of nodes) {
    const found = walk(node, []);
    if (found) return found;
  }
  return null;
}

const imports = new Map(files.map((file) => [file, importsOf(file)]));

test('no file goes round in circles with another', () => {
  expect(circle(files, (file) => imports.get(file) ?? [])).toBeNull();
});

test('nor does a room', () => {
  const rooms = new Map<string, Set<string>>();
  for (const [file, all] of imports) {
    const to = rooms.get(room(file)) ?? new Set();
    all
      .map(room)
      .filter((other) => other !== room(file))
      .forEach((other) => to.add(other));
    rooms.set(room(file), to);
  }
  expect(circle(rooms.keys(), (one) => rooms.get(one) ?? [])).toBeNull();
});

test('no file is long', () => {
  const long = files.filter(
    (file) => readFileSync(file, 'utf8').split('\n').length > MOST_LINES + 1,
  );
  expect(long.map((file) => relative(SRC, file))).toEqual([]);
});

test('no room is full', () => {
  const full = new Map<string, number>();
  for (const file of files) full.set(room(file), (full.get(room(file)) ?? 0) + 1);
  expect([...full].filter(([, count]) => count > MOST_FILES)).toEqual([]);
});

test('what is fetched is named in one place', () => {
  const named = files.filter((file) => /queryKey: \['/.test(readFileSync(file, 'utf8')));
  expect(named.map((file) => relative(SRC, file))).toEqual([]);
});
