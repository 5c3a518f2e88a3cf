import type { Dish } from '../dish/dish';

/** How bad: shown by shape and word as well as colour. */
export const SEVERITIES = ['stop', 'careful', 'fine', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** A named, pure edit of a dish. Applying it never loses a line. */
export interface Fix {
  id: string;
  /** What the button says: a verb first. */
  label: string;
  /** For an answer about an unknown word: the food it is most like. */
  likeId?: string;
  apply: (dish: Dish) => Dish;
}

/** One judgement about a dish in a pot: what, why, how bad, and what would mend it. */
export interface Finding {
  id: string;
  severity: Severity;
  about:
    | 'liquid'
    | 'fill'
    | 'floor'
    | 'moment'
    | 'meat'
    | 'reading'
    | 'sauce'
    | 'altitude'
    | 'caution'
    | 'needs'
    | 'vegetables';
  /** Lines it is about. */
  lineIds: string[];
  text: string;
  why: string;
  fixes: Fix[];
  /** A word the pantry does not know, for the household to say what it is most like. */
  asks?: string;
}
