import { ABROAD } from './data/abroad';
import { USUAL_ALLERGENS } from './data/allergens';
import { ASIA } from './data/asia';
import { LARDER } from './data/larder';
import { MEAT } from './data/meat';
import { PLANTS } from './data/plants';
import { REGIONAL } from './data/regional';
import { WEST } from './data/west';
import { WET } from './data/wet';
import { WORLD } from './data/world';
import type { Food } from './food';
import { kept } from '../quantity/kept';
import { foodWords } from './words';

const namesAbroad = (id: string): readonly string[] =>
  (ABROAD[id] ?? '').split('|').flatMap((name) => name.trim() || []);

/** Every food that ships, in data order, with the allergens its kind does not show and its names in other kitchens. */
export const FOODS: readonly Food[] = [
  ...MEAT,
  ...PLANTS,
  ...LARDER,
  ...WET,
  ...REGIONAL,
  ...WORLD,
  ...ASIA,
  ...WEST,
].map((food) => ({
  ...food,
  names: [...food.names, ...namesAbroad(food.id)],
  allergens: [...new Set([...food.allergens, ...(USUAL_ALLERGENS[food.id] ?? [])])],
}));

/** A food found in a line, with how much of the line's words it explains. */
export interface FoodMatch {
  food: Food;
  /** Index of the first word and the number of words it covers in `foodWords(text)`. */
  at: number;
  words: number;
}

const keysOf = (foods: readonly Food[]): (readonly [key: string, food: Food])[] =>
  foods.flatMap((food) =>
    food.names.flatMap((name) => {
      const key = foodWords(name).join(' ');
      return key ? [[key, food] as const] : [];
    }),
  );

/** The names of what ships, folded when first asked for: a household's own are laid over them. */
let shipped: ReturnType<typeof keysOf> | undefined;

/** Looks foods up by the words a cook uses. Built once from the shipped foods and the household's own. */
export class Pantry {
  readonly #byId = new Map<string, Food>();
  readonly #byName = new Map<string, Food>();
  /** Words of the longest name that begins with a word. */
  readonly #longestFrom = new Map<string, number>();

  /** `own` foods come first: a household's figure wins over the shipped one of the same name. */
  constructor(own: readonly Food[] = []) {
    for (const food of [...own, ...FOODS]) if (!this.#byId.has(food.id)) this.#byId.set(food.id, food);
    for (const [key, food] of [...keysOf(own), ...(shipped ??= keysOf(FOODS))]) {
      if (!this.#byName.has(key)) this.#byName.set(key, food);
      const [first = '', ...more] = key.split(' ');
      this.#longestFrom.set(first, Math.max(this.#longestFrom.get(first) ?? 0, more.length + 1));
    }
  }

  /** Every word of every name, folded and singular. */
  words(): Set<string> {
    return new Set([...this.#byName.keys()].flatMap((key) => key.split(' ')));
  }

  /** The words without those of other kitchens: what a typing error is held against, since "tomatoe" is nearly a _tomate_ too. */
  homeWords(): Set<string> {
    const home = this.all().flatMap(({ id, names }) => {
      const abroad = new Set(namesAbroad(id));
      return names.filter((name) => !abroad.has(name));
    });
    return new Set(home.flatMap((name) => foodWords(name)));
  }

  /** The food with this id, or undefined. */
  get(id: string): Food | undefined {
    return this.#byId.get(id);
  }

  /** All foods, the household's own first. */
  all(): Food[] {
    return [...this.#byId.values()];
  }

  /** How a name is looked up: folded singular words. */
  key(name: string): string {
    return foodWords(name).join(' ');
  }

  /** The food with exactly this name, whatever its case, accents or plural; undefined when there is none. */
  named(name: string): Food | undefined {
    return this.#byName.get(this.key(name));
  }

  /** Every food named in a phrase, longest names first, no word used twice: "spring onions and basil" names two. Shared: read-only. */
  readonly mentions = kept<string, readonly FoodMatch[]>(
    2000,
    (text) => text,
    (text) => {
      const taken = new Set<number>();
      return this.#namesIn(foodWords(text)).filter(({ at, words }) => {
        const span = Array.from({ length: words }, (_, i) => at + i);
        if (span.some((i) => taken.has(i))) return false;
        for (const i of span) taken.add(i);
        return true;
      });
    },
  );

  /** Every name that stands in a row of words, the longest first, in the order of the row. */
  #namesIn(words: readonly string[]): FoodMatch[] {
    const found: FoodMatch[] = [];
    words.forEach((word, at) => {
      const most = Math.min(this.#longestFrom.get(word) ?? 0, words.length - at);
      let key = word;
      for (let n = 1; n <= most; n++) {
        const food = this.#byName.get(key);
        if (food) found.push({ food, at, words: n });
        key = `${key} ${words[at + n]}`;
      }
    });
    return found.sort((a, b) => b.words - a.words || a.at - b.at);
  }

  /**
   * The food a phrase is about: the longest known name in it; among equals the last, where English puts the noun
   * ("smoked bacon lardons", "lemon chicken thighs"). What the phrase ends in right behind that name is the noun, and the long
   * name only says of what it is: "whole milk yoghurt".
   */
  find(text: string): FoodMatch | null {
    const words = foodWords(text);
    const [longest, ...others] = this.#namesIn(words);
    if (!longest) return null;
    const last = others.findLast((m) => m.words === longest.words) ?? longest;
    return this.#nounBehind(words, last) ?? last;
  }

  /** What a phrase ends in behind a longer name: "turkey breast mince" is turkey mince; "Parmesan cheese" stays what it is. */
  #nounBehind(words: readonly string[], { food, at, words: n }: FoodMatch): FoodMatch | null {
    const noun = words.slice(at + n);
    const named = this.#byName.get([words[at], ...noun].join(' ')) ?? this.#byName.get(noun.join(' '));
    if (!noun.length || !named || named.kind === food.kind) return null;
    return { food: named, at: at + n, words: noun.length };
  }
}
