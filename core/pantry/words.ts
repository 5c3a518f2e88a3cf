import { kept } from '../quantity/kept';

/** Folds case, accents and curly quotes so that "Crème Fraîche" and "creme fraiche" meet. Keeps length in words. */
export function foldWord(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’‘`]/g, "'")
    .replace(/[^\p{L}\p{N}%'&]+/gu, ' ')
    .trim();
}

const IRREGULAR: Record<string, string> = {
  leaves: 'leaf',
  halves: 'half',
  loaves: 'loaf',
  knives: 'knife',
  potatoes: 'potato',
  tomatoes: 'tomato',
  mangoes: 'mango',
  anchovies: 'anchovy',
  berries: 'berry',
  cherries: 'cherry',
  cranberries: 'cranberry',
  chilies: 'chili',
  chillies: 'chilli',
  chiles: 'chile',
  greens: 'green',
  molasses: 'molasses',
  hummus: 'hummus',
  couscous: 'couscous',
  asparagus: 'asparagus',
  swiss: 'swiss',
  brussels: 'brussels',
  radishes: 'radish',
  peaches: 'peach',
  sandwiches: 'sandwich',
};

/** A plural folded to its singular, good enough to meet the pantry's names; the same word when it is not plural. */
export function singular(word: string): string {
  const irregular = IRREGULAR[word];
  if (irregular) return irregular;
  if (word.length < 4 || !word.endsWith('s') || /(ss|us|is|'s)$/.test(word)) return word.replace(/'s$/, '');
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(ches|shes|xes|sses)$/.test(word)) return word.slice(0, -2);
  return word.slice(0, -1);
}

/** Text as a list of folded singular words. Kept, because a method asks for the words of the same lines clause by clause: read-only. */
export const foodWords = kept<string, readonly string[]>(
  4000,
  (text) => text,
  (text) => {
    const folded = foldWord(text);
    return folded ? folded.split(' ').map(singular) : [];
  },
);
