import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Paths of our own that a document names: in backticks or as the target of a link. */
function pathsIn(document: string): string[] {
  const text = readFileSync(document, 'utf8');
  const inTicks = [
    ...text.matchAll(/`((?:core|app|server|demo|e2e|bench|corpora|docs|scripts)\/[\w./-]+)`/g),
  ];
  const linked = [...text.matchAll(/\]\(((?!https?:)[\w./-]+)(?:#[\w-]*)?\)/g)];
  return [...inTicks, ...linked].map((m) => m[1] ?? '');
}

describe('the documents', () => {
  it.each(['README.md', 'CONTRIBUTING.md', 'corpora/README.md'])(
    '%s names only what is there',
    (document) => {
      const folder = document.includes('/') ? document.replace(/\/[^/]*$/, '') : '.';
      const missing = pathsIn(document).filter((p) => !existsSync(p) && !existsSync(join(folder, p)));
      expect(missing).toEqual([]);
    },
  );
});
