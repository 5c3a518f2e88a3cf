/**
 * The public door of the core: everything the app, the server and the demo use. Pure TypeScript, no interface, no clock,
 * no randomness, no I/O. Start with `planDish(dish, kitchen)`; a running cook is `foldCook(events)`; the sauce bench on its
 * own is `doseFor(input)`. Units are SI and named: grams, millilitres, °C, seconds, kPa.
 */
export { loadPot, planDish, pantryFor, stepsWithSauce, type Plan } from './plan/plan';
export {
  KitchenSchema,
  NEEDS,
  defaultKitchen,
  NO_CALIBRATION,
  type Calibration,
  type Kitchen,
  potFor,
} from './kitchen/kitchen';
export {
  SEVERITIES,
  type Finding,
  type Fix,
  type Severity,
  addLater,
  asComputed,
  loadInOrder,
  movePart,
  setSettings,
  splitLine,
  standOn,
  swapsFor,
  swapBack,
} from './findings/index';
export {
  answerWish,
  layOutMeal,
  soonerWays,
  yesterdayOf,
  type Meal,
  type MealTask,
  type SoonerWay,
  mealInput,
  wishTime,
} from './meal/index';
export { sidesOf, wishOf } from './kitchen/sides';
export { ventedAtOnce } from './plan/early';
export { minutesTable, MINUTES_SIZES, type MinutesRow } from './pieces/minutes';
export { SideSchema, type Side, type SideTask } from './kitchen/data/sides';
export { HeatRanges, spreadOut, type RangeAnswer } from './heat/ranges';
export { restOf, weighKitchens, type Happened, type RestAnswer } from './heat/weigh';
export {
  bowlsFor,
  BOWL_WHEN,
  type Bowl,
  type BowlWhen,
  mayBeDoneAhead,
  stepItem,
  type Step,
  type RibbonBlock,
} from './steps/index';
export { comparePots } from './plan/comparePots';
export { diagnose, type TroubleKind } from './plan/diagnose';
export { consequencesOf, type Consequence } from './plan/consequences';
export { ALLERGEN_NAMES, NEED_FIGURES } from './kitchen/needs';
export { sauceChoices } from './plan/sauceChoices';
export { outlookOf, type Outlook } from './plan/outlook';
export { platesForMeat, platesToFill, scalingNotes } from './plan/plates';
export { concerns as concernsDish, schoolsFor, type SchoolForDish } from './plan/schools';
export { thickenerFor } from './pieces/binding';
export { BINDING } from './sauce/data/binding';
export { decider } from './pieces/meat';

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
} from './dish/dish';
export { DEFAULT_RULES, SCHOOLS, type HouseRules } from './dish/houseRules';
export { isHeldBack, MOMENTS, MOMENT_NAMES, type Moment } from './dish/moment';
export { figuresOf } from './pantry/figures';
export { likelyAnswers, type Answer } from './dish/answers';
export { stripBullet, MAX_LINE_LENGTH } from './dish/names';
export { readLine } from './dish/read';
export { isWorthKeeping, MAX_REVISIONS, type Revision } from './dish/revision';
export { diffDishes } from './dish/diff';
export { readMethod, type MethodHints } from './dish/method';
export { readScript } from './script/read';
export type { Script } from './script/act';
export { goesRows, looseLines } from './plan/goes';
export { lineRemark } from './plan/remark';
export {
  addAct,
  asTheMethodSays,
  dropAct,
  giveLine,
  moveAct,
  setActMinutes,
  verbLabel,
  type ActRow,
} from './script/edit';
export { VERBS } from './script/data/verbs';
export { readRecipe, recipeOf, type PastedRecipe } from './page/recipe';
export { pagesFromJsonLd } from './page/jsonLd';
export {
  FROM_THE_METHOD,
  MAX_PAGE_LENGTH,
  readPage,
  readPageInSteps,
  type PagePart,
  type PartKind,
  type ReadPage,
  type Turned,
} from './page/page';

export { Pantry } from './pantry/pantry';
export { foldWord as foldSearch } from './pantry/words';
export { ALLERGENS, FoodSchema, type Food } from './pantry/food';
export { LIKENESSES, MAX_OWN_NAME, ownFood } from './pantry/own';
export { type PlacedItem } from './moments/item';
export { harmNow, placeDish } from './moments/place';

export { POT_PRESETS, heightMm, type Pot } from './pot/pot';
export { type Layer } from './pot/layers';
export { brokenBy } from './pot/order';
export { type LiquidEntry } from './pot/liquid';

export { airKPa, boilingC, saturationKPa } from './heat/saturation';
export { donenessOf } from './heat/doneness';
export { BAND_LOADS } from './heat/data/bands';
export { bandTable } from './heat/bands';
export { LETHALITY } from './heat/data/lethality';
export { secondsAt } from './heat/lethality';
export { SOFTENING } from './heat/data/softness';
export { CUBED_EXPONENT, CUTS, cutById, SAFE_C } from './heat/data/cuts';
export { MEAT, Piece } from './heat/piece';
export { EXPECTED, Run, type RunFactors } from './heat/run';
export { KITCHEN_SPREADS } from './heat/data/figures';
export { freezingTimeS } from './heat/freezing';
export { centreOf, type Shape } from './heat/series';
export {
  forecastHeat,
  HEAT_FIGURES,
  type HeatForecast,
  type HeatInput,
  type HeatPoint,
} from './heat/simulate';

export {
  doseFor,
  secondDose,
  thicknessAfter,
  inSpoons,
  isWorthStirring,
  isWrittenRight,
  mixedWays,
  type Dose,
  type DoseInput,
} from './sauce/dose';
export { waysToAim } from './sauce/ways';
export { BENCH, TASTES } from './sauce/data/bench';
export {
  THICKENERS,
  THICKNESSES,
  SLURRY_WATER,
  nearestThickness,
  onThePlate,
  thickenerById,
  thicknessOf,
  type ThickenerId,
} from './sauce/data/thickeners';
export { adviseThickener, type AdviseInput } from './sauce/advise';
export { MEASURING, sliderOf, readSauce, type MeasuringId, type SauceReading } from './sauce/measure';
export { rescue, RESCUES, RESCUE_NAMES, type RescueId } from './sauce/rescue';
export { saltView } from './sauce/salt';
export { alreadyWords, eatenG, freeFatG, sugarG } from './sauce/present';
export { planDairy } from './sauce/temper';
export { OPEN_POT } from './sauce/data/dairy';
export { BOIL_OFF_G_PER_MIN } from './quantity/boilOff';
export { glazeDown } from './sauce/glaze';
export { pastaStanding } from './sauce/pasta';

export { CookEventSchema, VERDICTS, type CookEvent, type EventPayload, type ToldTimes } from './cook/events';
export {
  CommandSchema,
  DEVICE_KINDS,
  DeviceSchema,
  FAULTS,
  FAULT_NAMES,
  KitchenRequestSchema,
  type Command,
  type CookerReading,
  type Device,
  type DeviceKind,
  type Fault,
  type KitchenRequest,
  type Reading,
} from './cook/protocol';
export { Feed } from './cook/feed';
export { SimCooker } from './cook/cooker';
export { eventsOf, loadOf } from './cook/plugged';
export { minutesMore } from './heat/more';
export {
  cookTime,
  foldAll,
  foldCook,
  liveTimers,
  secondsLeft,
  type CookState,
  type Timer,
  type Verdict,
} from './cook/cook';
export { forecastOf, liveForecast } from './cook/forecast';
export { CLOCK_NOTICED_MS, clockMoveFor } from './cook/clock';
export {
  holdAdvice,
  liveAsk,
  planAsItWent,
  probesOf,
  restAsItWent,
  type HoldAdvice,
  type LiveAsk,
  type LiveRest,
} from './cook/asItWent';
export { potNow } from './cook/phase';
export { eventsForStep } from './cook/tap';
export { whyDiffered } from './log/why';
export { calibrate, calibrations, compareCook, nextTimeNotes } from './log/log';
export { writeCalendar } from './formats/calendar';
export { packDish, unpackDish } from './formats/link';
export { isSameRecipe } from './formats/portable';
export { wholeDishesIn, writeRecipe, writeRecipes, writeBook, writeRecipeText } from './formats/recipe';
export { cookRows } from './formats/cooks';
export { writeReadings } from './formats/readings';
export { readFoods, writeFoods, MAX_FOODS_BYTES } from './formats/foods';
export { readBackup, writeBackup, type Household } from './formats/backup';
export {
  readSaved,
  writeArchive,
  type ArchivedHousehold,
  type ArchivedPhoto,
  type ReadArchive,
} from './formats/archive';
export { MAX_ARCHIVE_BYTES } from './formats/limits';
export { textsIn, type Bundle } from './formats/bundle';
export { alreadyThere, recipesIn, USUAL_PLATES, type FoundRecipe } from './plan/many';
export { compareHouseholds, joinHouseholds, type Compared } from './formats/merge';

export {
  formatCountdown,
  formatDuration,
  formatDurationRange,
  formatMass,
  formatNumber,
  formatSpoons,
  formatTemp,
  formatTempDifference,
  sayTemps,
  tempFrom,
  tempIn,
  formatVolume,
  type DisplayUnits,
} from './quantity/format';
export { EIGHT_IN_TEN, type Range } from './quantity/range';
export { cupMl, type MeasureSystem } from './quantity/units';
export { greyOf, madeReady } from './photo/picture';
export { withoutEdges } from './photo/edges';
export { photoDoubt, type PhotoDoubt } from './photo/doubts';
