import { formatAmount } from '../dish/amountText';
import { scaleOf, type Dish } from '../dish/dish';
import { MOMENT_NAMES } from '../dish/moment';
import { countedName } from '../dish/counted';
import type { PlacedItem } from '../moments/item';
import type { Plan } from '../plan/plan';
import { formatDuration } from '../quantity/format';
import { fromPortable, portable } from './portable';

/** Under this name the whole dish travels inside a schema.org `Recipe`: other programs leave unknown members alone. */
const WHOLE = 'keenLadle';
/** Largest recipe file that is looked into for a whole dish, characters. */
const MAX_RECIPE_FILE = 8_000_000;

/** A time as schema.org has it (ISO 8601), whole minutes. */
const duration = (seconds: number): string => {
  const minutes = Math.max(1, Math.round(seconds / 60));
  return `PT${minutes >= 60 ? `${Math.floor(minutes / 60)}H` : ''}${minutes % 60 ? `${minutes % 60}M` : ''}`;
};

/** Most dishes that are taken of one file. */
const MOST_DISHES = 5000;

interface HowToStep {
  '@type': 'HowToStep';
  name?: string;
  text: string;
}

/** The recipe's own method a sentence's line at a time; what the plan computes where it has none. */
function instructions(dish: Dish, plan: Plan | null): HowToStep[] {
  const told = dish.method
    .split(/\n+/)
    .map((t) => t.trim())
    .filter(Boolean);
  if (told.length) return told.map((text) => ({ '@type': 'HowToStep', text }));
  return (plan?.steps ?? []).map(({ title, text }) => ({
    '@type': 'HowToStep',
    name: title,
    text: text || title,
  }));
}

/**
 * A dish as schema.org `Recipe` in JSON-LD: what every program reads, and the whole dish in a member of its own, so that nothing is lost
 * where this program reads it again. Amounts are as written.
 */
export function writeRecipe(plan: Plan): string {
  return `${JSON.stringify(recipeOf(plan.dish, plan), null, 1)}\n`;
}

/** Many dishes in one file, each as schema.org `Recipe` with the whole dish in it; times are left out, they are computed anew for every pot. */
export function writeRecipes(dishes: readonly Dish[]): string {
  return `${JSON.stringify(
    dishes.map((d) => recipeOf(d, null)),
    null,
    1,
  )}\n`;
}

function recipeOf(dish: Dish, plan: Plan | null): Record<string, unknown> {
  const underS = plan ? plan.heat.comeUpS.mid + plan.heat.holdS + plan.heat.releaseS.mid : 0;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: dish.name,
    recipeYield: String(dish.writtenFor),
    cookingMethod: 'Pressure cooking',
    ...(dish.tags.length ? { keywords: dish.tags.join(', ') } : {}),
    ...(dish.note ? { description: dish.note } : {}),
    ...(plan
      ? {
          prepTime: duration(Math.max(60, plan.timing.totalS.mid - underS)),
          cookTime: duration(underS),
          totalTime: duration(plan.timing.totalS.mid),
        }
      : {}),
    recipeIngredient: dish.lines.map((l) => l.text),
    recipeInstructions: instructions(dish, plan),
    [WHOLE]: portable(dish),
  };
}

/** The whole dishes that a file of recipes carries; empty where it carries none. Never throws. */
export function wholeDishesIn(json: string, idOf: () => string, now: number): Dish[] {
  if (json.length > MAX_RECIPE_FILE || !json.includes(WHOLE)) return [];
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return [];
  }
  return (Array.isArray(data) ? data.slice(0, MOST_DISHES) : [data]).flatMap((one: unknown) => {
    const whole =
      typeof one === 'object' && one !== null ? (one as Record<string, unknown>)[WHOLE] : undefined;
    return whole === undefined ? [] : (fromPortable(whole, idOf(), now) ?? []);
  });
}

/** Characters that Markdown would take for its own. */
const marked = (text: string): string =>
  text
    .replace(/([\\`*_[\]<>|#])/g, '\\$1')
    .replace(/\s+/g, ' ')
    .trim();

function lineText(item: PlacedItem, factor: number): string {
  const { read } = item;
  if (!read.amount) return marked(item.line.text);
  const comma = read.text.indexOf(',');
  const after = comma < 0 ? '' : read.text.slice(comma);
  return marked(
    `${formatAmount(read.amount, factor)} ${countedName(read.foodText, read.amount, factor)}${after}`,
  );
}

/**
 * A dish as a text that anybody can read and paste (Markdown): amounts for the plates wanted, what is held back until the pressure is gone set
 * apart, every step with its time and its caution. A plan, and no promise: the pot's manual and the thermometer come first.
 */
export function writeRecipeText(plan: Plan): string {
  const { dish, items, held, steps, timing, pot } = plan;
  const factor = scaleOf(dish);
  const once = (list: readonly PlacedItem[]): PlacedItem[] =>
    list.filter((item, i) => list.findIndex((o) => o.lineId === item.lineId) === i);
  const heldIds = new Set(held.map((i) => i.lineId));
  const out = [
    `# ${marked(dish.name)}`,
    '',
    `Serves ${dish.plates}. About ${formatDuration(timing.totalS.mid)} in the ${marked(pot.name)}.`,
    ...(dish.note ? ['', marked(dish.note)] : []),
    '',
    '## Ingredients',
  ];
  let section: string | undefined;
  for (const item of once(items).filter(
    (i) => !heldIds.has(i.lineId) || items.some((o) => o.lineId === i.lineId && !held.includes(o)),
  )) {
    if (item.line.section !== section) {
      section = item.line.section;
      out.push('', ...(section ? [`### ${marked(section)}`] : []));
    }
    if (out.at(-1) === '## Ingredients') out.push('');
    out.push(`- ${lineText(item, factor)}`);
  }
  if (held.length) {
    out.push('', '## Held back until the pressure is gone', '');
    for (const item of once(held))
      out.push(`- ${lineText(item, factor)} (${MOMENT_NAMES[item.moment].toLowerCase()})`);
  }
  out.push('', '## Method', '');
  steps.forEach((s, i) => {
    out.push(
      `${i + 1}. **${marked(s.title)}** (${formatDuration(s.durationS.mid)}). ${marked(s.text)}`.trimEnd(),
    );
    if (s.items.length)
      out.push(`   ${s.items.map((x) => marked(`${x.amount} ${x.name}`.trim())).join(', ')}.`);
    if (s.look) out.push(`   Look for: ${marked(s.look)}`);
    for (const caution of s.cautions) out.push(`   *${marked(caution)}*`);
  });
  if (dish.method.trim()) {
    out.push('', '## In the recipe’s own words', '');
    for (const line of dish.method.split(/\n+/)) if (line.trim()) out.push(marked(line), '');
  }
  return `${out.join('\n').trimEnd()}\n`;
}

/**
 * All dishes as one text, in the order given: their names first, then each as `writeRecipeText` has it, its headings a step lower. A dish
 * that cannot be planned stands there in its own words and lines.
 */
export function writeBook(title: string, dishes: readonly { dish: Dish; plan: Plan | null }[]): string {
  const out = [
    `# ${marked(title)}`,
    '',
    ...dishes.map(
      ({ dish }) => `- ${marked(dish.name)}, ${dish.plates} ${dish.plates === 1 ? 'plate' : 'plates'}`,
    ),
  ];
  for (const { dish, plan } of dishes) {
    const text = plan ? writeRecipeText(plan) : unplanned(dish);
    out.push('', '---', '', text.replace(/^(?=#{1,5} )/gm, '#').trimEnd());
  }
  return `${out.join('\n')}\n`;
}

function unplanned(dish: Dish): string {
  const lines = dish.lines.map((line) => `- ${marked(line.text)}`);
  return [`# ${marked(dish.name)}`, '', ...lines, '', marked(dish.method)].join('\n');
}
