/** The dish with its sides, backwards from the table. The door of the room. */
export { mealInput, wishTime } from './meal';
export {
  answerWish,
  layOutMeal,
  soonerWays,
  yesterdayOf,
  type Meal,
  type MealTask,
  type SoonerWay,
} from './serve';
