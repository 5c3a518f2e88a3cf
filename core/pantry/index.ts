/** Foods: what each weighs, gives, drinks and does in a pot; the household’s own among them. */
export { figuresOf } from './figures';
export { Pantry } from './pantry';
export { foldWord as foldSearch } from './words';
export { ALLERGENS, FoodSchema, type Food } from './food';
export { LIKENESSES, MAX_OWN_NAME, ownFood } from './own';
