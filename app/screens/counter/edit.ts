import type { Dish } from '../../../core/index';

/** An edit of the dish on the counter: named, so it can be taken back by name. */
export type EditDish = (label: string, edit: (dish: Dish) => Dish, coalesce?: string) => void;
