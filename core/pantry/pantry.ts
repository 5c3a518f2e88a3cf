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
import { foodWords } from './words';

/** Every food that ships, in data order, with the allergens its kind does not show. */
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
  #longest = 1;

  /** `own` foods come first: a household's figure wins over the shipped one of the same name. */
  constructor(own: readonly Food[] = []) {
    for (const food of [...own, ...FOODS]) if (!this.#byId.has(food.id)) this.#byId.set(food.id, food);
    for (const [key, food] of [...keysOf(own), ...(shipped ??= keysOf(FOODS))]) {
      if (!this.#byName.has(key)) this.#byName.set(key, food);
      this.#longest = Math.max(this.#longest, key.split(' ').length);
    }
  }

  /** Every word of every name, folded and singular. */
  words(): Set<string> {
    return new Set([...this.#byName.keys()].flatMap((key) => key.split(' ')));
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

  /** Every food named in a phrase, longest names first, no word used twice: "spring onions and basil" names two. */
  mentions(text: string): FoodMatch[] {
    const words = foodWords(text);
    const taken = new Set<number>();
    const found: FoodMatch[] = [];
    for (let n = Math.min(this.#longest, words.length); n >= 1; n--) {
      for (let at = 0; at + n <= words.length; at++) {
        const food = this.#byName.get(words.slice(at, at + n).join(' '));
        const span = Array.from({ length: n }, (_, i) => at + i);
        if (!food || span.some((i) => taken.has(i))) continue;
        for (const i of span) taken.add(i);
        found.push({ food, at, words: n });
      }
    }
    return found;
  }

  /**
   * The food a phrase is about: the longest known name in it; among equals the last, where English puts the noun
   * ("smoked bacon lardons", "lemon chicken thighs"). What the phrase ends in right behind that name is the noun, and the long
   * name only says of what it is: "whole milk yoghurt".
   */
  find(text: string): FoodMatch | null {
    const words = foodWords(text);
    for (let n = Math.min(this.#longest, words.length); n >= 1; n--) {
      for (let at = words.length - n; at >= 0; at--) {
        const food = this.#byName.get(words.slice(at, at + n).join(' '));
        if (food) return this.#nounBehind(words, { food, at, words: n }) ?? { food, at, words: n };
      }
    }
    return null;
  }

  /** What a phrase ends in behind a longer name: "turkey breast mince" is turkey mince; "Parmesan cheese" stays what it is. */
  #nounBehind(words: readonly string[], { food, at, words: n }: FoodMatch): FoodMatch | null {
    const noun = words.slice(at + n);
    const named = this.#byName.get([words[at], ...noun].join(' ')) ?? this.#byName.get(noun.join(' '));
    if (!noun.length || !named || named.kind === food.kind) return null;
    return { food: named, at: at + n, words: noun.length };
  }
}
