/** Words and kinds that several rules of the opened pot ask about. */
import { type FoodKind } from '../../pantry/food';

/** What wants some minutes in the sauce. */
export const COOKED_IN_IT: readonly FoodKind[] = [
  'quick-veg',
  'root-veg',
  'slow-veg',
  'mushroom',
  'pulse-cooked',
  'seafood',
  'pasta',
  'grain',
];

export const BARE_MINUTES =
  /^\W*(?:for )?(?:about |around |roughly |another |a further )?\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:m|mins?|minutes?)(?: or so| more)?\W*$/i;

export const HOT_LADLE =
  /\b(?:ladle|spoon|cup|splash|little|some)\w*(?: or two)? of (?:the )?(?:hot|warm) (?:\p{L}+ )?(?:sauce|liquid|broth|gravy|stock|juices?)\b/iu;

/** From so many minutes a bound sauce is not only brought to the boil: it goes down. Source: starch is done in two; spread 40 %. */
export const BOILS_DOWN_MIN = 5;
