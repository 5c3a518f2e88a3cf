import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { compile } from 'sass';

/** Bootstrap's layout words are not shipped as a whole: those that a screen uses have a rule in `_controls.scss`, or they say nothing. */
const LAYOUT =
  /^(?:d|gap|m[trblxyse]?|p[trblxyse]?|flex|align-(?:items|self|content)|justify-content|text|fw|fst|lh|w|h|mw|border|rounded|bg|order|float|position|overflow|visually|opacity|shadow)-[a-z0-9-]+$/;

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((f) =>
    f.isDirectory()
      ? files(join(folder, f.name))
      : /(?<!\.test)\.tsx$/.test(f.name)
        ? [join(folder, f.name)]
        : [],
  );

/** Layout words in the class names of the screens, each with a file that uses it. */
function used(): Map<string, string> {
  const found = new Map<string, string>();
  for (const file of files('app'))
    for (const [, names = ''] of readFileSync(file, 'utf8').matchAll(/className=(?:"|\{`)([^"`]+)/g))
      for (const name of names.split(/\s+/)) if (LAYOUT.test(name)) found.set(name, file);
  return found;
}

describe('the layout words of the screens', () => {
  it('all have a rule in the theme', () => {
    const { css } = compile('app/theme/theme.scss', {
      loadPaths: ['node_modules'],
      quietDeps: true,
      silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
    });
    const words = used();
    expect(words.size).toBeGreaterThan(5);
    const missing = [...words].filter(([name]) => !new RegExp(`\\.${name}(?![\\w-])`).test(css));
    expect(missing).toEqual([]);
  });
});
