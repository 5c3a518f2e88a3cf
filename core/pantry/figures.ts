import { FIGURE_SOURCES, SHARES, type FigureSource } from './data/sources';
import type { Food } from './food';

/** One figure of a food as it is shown: its name, its value in words, its spread, and where it comes from. */
export interface Figure {
  figure: FigureSource['figure'];
  name: string;
  value: string;
  spread: number;
  source: string;
}

/** Figures with two decimals at most, and no more than they are worth. */
const plain = (n: number): string => String(Number(n.toPrecision(2)));

function valueOf(food: Food, figure: FigureSource['figure']): string {
  if (figure === 'pieceG')
    return Object.entries(food.pieceG)
      .map(([unit, g]) => `${unit} ${plain(g)} g`)
      .join(', ');
  const n = food[figure];
  if (figure === 'gPerMl') return `${plain(n)} g`;
  if (n === 0) return '';
  if (figure === 'scorch') return String(n);
  if (figure === 'drinks') return `${plain(n)} g for each gram`;
  return SHARES.has(figure) ? `${plain(n * 100)} %` : `${plain(n)} g for each gram`;
}

/** What is known of a food, figure by figure, each with its own source and spread; what it has nothing of is left out. */
export function figuresOf(food: Food): Figure[] {
  return FIGURE_SOURCES.flatMap(({ figure, name, source, spread }) => {
    const value = valueOf(food, figure);
    return value
      ? [{ figure, name, value, spread: spread ?? food.spread, source: isOwn(food) ? food.source : source }]
      : [];
  });
}

/** A household's own food says itself where its figures are from. */
const isOwn = (food: Food): boolean => food.source.startsWith('The household');
