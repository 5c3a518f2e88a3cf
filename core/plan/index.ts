/** A dish planned: `planDish(dish, kitchen)` gives liquid, minutes, steps, findings. Pure; a few milliseconds. */
export { loadPot, planDish, pantryFor, stepsWithSauce, type Plan } from './plan';
export { ventedAtOnce } from './early';
export { comparePots } from './comparePots';
export { diagnose, type TroubleKind } from './diagnose';
export { consequencesOf, type Consequence } from './consequences';
export { sauceChoices } from './sauceChoices';
export { outlookOf, type Outlook } from './outlook';
export { platesForMeat, platesToFill, scalingNotes } from './plates';
export { concerns as concernsDish, schoolsFor, type SchoolForDish } from './schools';
export { goesRows, looseLines } from './goes';
export { lineRemark } from './remark';
export { alreadyThere, recipesIn, USUAL_PLATES, type FoundRecipe } from './many';
