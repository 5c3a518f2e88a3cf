/** A dish as it is kept, and its lines as they are read: `readLine(text, pantry)` gives food, grams and doubt. */
export {
  DishSchema,
  MAX_DISH_PAGE,
  MAX_LINES,
  MAX_NOTE,
  emptyDish,
  type Aim,
  type MealWish,
  type Dish,
  type DishSettings,
  type Line,
} from './dish';
export { DEFAULT_RULES, SCHOOLS, type HouseRules } from './houseRules';
export { isHeldBack, MOMENTS, MOMENT_NAMES, type Moment } from './moment';
export { likelyAnswers, type Answer } from './answers';
export { stripBullet, MAX_LINE_LENGTH } from './names';
export { readLine } from './read';
export { isWorthKeeping, MAX_REVISIONS, type Revision } from './revision';
export { diffDishes } from './diff';
export { readMethod, type MethodHints } from './method';
