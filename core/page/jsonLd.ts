import { z } from 'zod';

/** Most text that is taken of one field, characters. */
const LONGEST = 20_000;
const text = z.string().transform((s) => plainText(s).slice(0, LONGEST));
const several = <T extends z.ZodType>(one: T) => z.union([z.array(one), one.transform((x) => [x])]);

const Step: z.ZodType<string[]> = z.lazy(() =>
  z.union([
    text.transform((s) => s.split('\n').filter(Boolean)),
    z.array(Step).transform((all) => all.flat()),
    z
      .object({
        name: text.optional(),
        text: text.optional(),
        itemListElement: Step.optional(),
      })
      .transform(({ name, text: words, itemListElement }) =>
        itemListElement
          ? [...(name ? [`${name}:`] : []), ...itemListElement]
          : words
            ? [words]
            : name
              ? [name]
              : [],
      ),
  ]),
);

/** What is read of a schema.org `Recipe`; everything else in it is left alone. */
const RecipeSchema = z.object({
  '@type': several(z.string()),
  name: text.optional(),
  recipeYield: z.union([z.array(z.union([text, z.number()])), text, z.number()]).optional(),
  recipeIngredient: several(text).optional(),
  ingredients: several(text).optional(),
  recipeInstructions: Step.optional(),
});

/** Deepest nesting that is looked into for a recipe. */
const DEEPEST = 8;

/** Recipes in structured data (schema.org `Recipe`, JSON-LD) as pages that can be read; null when the text is no such data. */
export function pagesFromJsonLd(json: string): string[] | null {
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return null;
  }
  const found = recipesIn(data, 0);
  return found.length ? found : null;
}

function recipesIn(data: unknown, depth: number): string[] {
  if (depth > DEEPEST || typeof data !== 'object' || data === null) return [];
  if (Array.isArray(data)) return data.slice(0, 200).flatMap((d) => recipesIn(d, depth + 1));
  const read = RecipeSchema.safeParse(data);
  if (read.success && read.data['@type'].some((t) => /(?:^|[/:])Recipe$/.test(t))) return [pageOf(read.data)];
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item'].flatMap((key) =>
    recipesIn((data as Record<string, unknown>)[key], depth + 1),
  );
}

function pageOf(recipe: z.infer<typeof RecipeSchema>): string {
  const yields = [recipe.recipeYield ?? []].flat().map(String);
  const plates = yields.find((y) => /^\d+$/.test(y.trim())) ?? yields.find((y) => /\d/.test(y));
  const lines = recipe.recipeIngredient ?? recipe.ingredients ?? [];
  const steps = recipe.recipeInstructions ?? [];
  return [
    ...(recipe.name ? [`# ${recipe.name}`] : []),
    ...(plates ? [`Serves ${plates.replace(/^\s*(?:serves|makes|yields?)\s*:?\s*/i, '')}`] : []),
    'Ingredients',
    ...lines.filter(Boolean),
    ...(steps.length ? ['Method', ...steps] : []),
  ].join('\n');
}

const NAMED: Record<string, string> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  deg: '°',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  ndash: '–',
  mdash: '—',
  eacute: 'é',
  egrave: 'è',
  rsquo: '’',
};

/** Text of a field that may hold markup and entities; never shown as markup. */
function plainText(s: string): string {
  return s
    .slice(0, LONGEST * 2)
    .replace(/<\s*(?:br|\/p|\/li|\/div)\b[^>]*>/gi, '\n')
    .replace(/<[^>]*>/g, ' ')
    .replace(
      /&(?:#(\d{1,6})|#x([\da-f]{1,5})|(\w{2,8}));/gi,
      (whole, ten?: string, hex?: string, name?: string) => {
        const code = ten ? Number(ten) : hex ? Number.parseInt(hex, 16) : Number.NaN;
        if (code > 0 && code <= 0x10ffff) return String.fromCodePoint(code);
        return name === undefined ? whole : (NAMED[name.toLowerCase()] ?? whole);
      },
    )
    .replace(/[ \t]+/g, ' ')
    .replace(/ ?\n ?/g, '\n')
    .trim();
}
