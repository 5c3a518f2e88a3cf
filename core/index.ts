/**
 * The public door of the core: everything the app, the server and the demo use. Pure TypeScript, no interface, no clock,
 * no randomness, no I/O. Start with `planDish(dish, kitchen)`; a running cook is `foldCook(events)`; the sauce bench on its
 * own is `doseFor(input)`. Units are SI and named: grams, millilitres, °C, seconds, kPa.
 */
export {
  loadPot,
  planDish,
  pantryFor,
  stepsWithSauce,
  type Plan,
  type PlanOptions,
  type SaucePlan,
} from './plan/plan';
export {
  KitchenSchema,
  NEEDS,
  type Need,
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
  cutLine,
  loadInOrder,
  moveLine,
  movePart,
  pourIn,
  setPlates,
  setRule,
  setSettings,
  splitLine,
  standOn,
  takeAs,
  tellLineApart,
  swapsFor,
  swapBack,
  type SwapFix,
} from './findings/index';
export {
  answerWish,
  layOutMeal,
  soonerWays,
  yesterdayOf,
  type Meal,
  type MealInput,
  type MealMeans,
  type MealTask,
  type SoonerWay,
  mealInput,
  wishTime,
} from './meal/index';
export { sidesNamed, sidesOf, wishOf } from './kitchen/sides';
export { ventedAtOnce } from './plan/early';
export { minutesTable, MINUTES_SIZES, type MinutesRow } from './pieces/minutes';
export { SIDES, SideSchema, type Side, type SideTask } from './kitchen/data/sides';
export { HeatRanges, spreadOut, type RangeAnswer } from './heat/ranges';
export { restOf, weighKitchens, type Happened, type RestAnswer } from './heat/weigh';
export {
  bowlsFor,
  BOWL_WHEN,
  type Bowl,
  type BowlWhen,
  mayBeDoneAhead,
  stepItem,
  PHASES,
  type Phase,
  type Step,
  type StepItem,
  type RibbonBlock,
  type Timing,
} from './steps/index';
export { comparePots, type PotChoice } from './plan/comparePots';
export { diagnose, type Diagnosis, type Suspect, type TroubleKind } from './plan/diagnose';
export { consequencesOf, type Consequence } from './plan/consequences';
export { ALLERGEN_NAMES, NEED_FIGURES, type BrokenNeed } from './kitchen/needs';
export { sauceChoices, type SauceChoice } from './plan/sauceChoices';
export { outlookOf, type Outlook } from './plan/outlook';
export { platesForMeat, platesToFill, scalingNotes, PLATES } from './plan/plates';
export { concerns as concernsDish, schoolsFor, type OptionForDish, type SchoolForDish } from './plan/schools';
export { boundWith, thickenerFor } from './pieces/binding';
export { BINDING } from './sauce/data/binding';
export { decider, type MeatPiece, type PlantPiece } from './pieces/meat';

export {
  AIMS,
  DishSchema,
  MAX_DISH_PAGE,
  MAX_LINES,
  MAX_NOTE,
  emptyDish,
  scaleOf,
  type Aim,
  type MealWish,
  type Dish,
  type DishSettings,
  type Line,
} from './dish/dish';
export { DEFAULT_RULES, HouseRulesSchema, SCHOOLS, type HouseRules, type School } from './dish/houseRules';
export { isHeldBack, MOMENTS, MOMENT_NAMES, type Moment } from './dish/moment';
export { formatAmount } from './dish/amountText';
export { figuresOf, type Figure } from './pantry/figures';
export { likelyAnswers, type Answer } from './dish/answers';
export { stripBullet, MAX_LINE_LENGTH } from './dish/names';
export { readLine, type ReadLine } from './dish/read';
export { isWorthKeeping, MAX_REVISIONS, RevisionSchema, type Revision } from './dish/revision';
export { diffDishes, isSameDish, type DishChange } from './dish/diff';
export { readMethod, type MethodHints } from './dish/method';
export { readScript } from './script/read';
export type { Act, Script } from './script/act';
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
export { VERBS, verbById, type Verb } from './script/data/verbs';
export { readRecipe, recipeOf, type PastedRecipe } from './page/recipe';
export { pagesFromJsonLd } from './page/jsonLd';
export {
  FROM_THE_METHOD,
  MAX_PAGE_LENGTH,
  readPage,
  readPageInSteps,
  type PagePart,
  type PageRecipe,
  type PartKind,
  type ReadPage,
  type Turned,
} from './page/page';

export { Pantry, FOODS } from './pantry/pantry';
export { foldWord as foldSearch } from './pantry/words';
export { ALLERGENS, FoodSchema, type Allergen, type Food, type FoodKind } from './pantry/food';
export { LIKENESSES, MAX_OWN_NAME, ownFood } from './pantry/own';
export { inOrder, type PlacedItem } from './moments/item';
export { harmNow, placeDish } from './moments/place';

export { PotSchema, POT_PRESETS, floorAreaCm2, heightMm, type Pot } from './pot/pot';
export { levelMm, type Fill, type Layer, type Texture } from './pot/layers';
export { type FloorRisk } from './pot/floor';
export { type Boil } from './pot/boil';
export { brokenBy, loadingOrder } from './pot/order';
export { type LiquidEntry, type LiquidSum } from './pot/liquid';

export { airKPa, boilingC, saturationKPa } from './heat/saturation';
export { donenessOf, type Doneness, type Softness, type Tenderness } from './heat/doneness';
export { BANDS, BAND_LOADS, type Band, type BandLoad } from './heat/data/bands';
export { bandMinutes, bandTable } from './heat/bands';
export { LETHALITY } from './heat/data/lethality';
export { secondsAt } from './heat/lethality';
export { SOFTENING, softeningOf } from './heat/data/softness';
export { CUBED_EXPONENT, CUTS, cutById, SAFE_C } from './heat/data/cuts';
export { enthalpyOf, MEAT, Piece, type PieceSpec } from './heat/piece';
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
  type KindForecast,
} from './heat/simulate';

export {
  doseFor,
  secondDose,
  reduceTo,
  thicknessAfter,
  inSpoons,
  isWorthStirring,
  mixedWays,
  type MixedWay,
  type SpoonDose,
  type Dose,
  type DoseInput,
} from './sauce/dose';
export { waysToAim, type WaysToAim } from './sauce/ways';
export { BENCH, TASTES } from './sauce/data/bench';
export { BOIL_OFF_G_PER_MIN } from './quantity/boilOff';
export {
  THICKENERS,
  THICKENER_IDS,
  THICKNESSES,
  SLURRY_WATER,
  nearestThickness,
  onThePlate,
  thickenerById,
  thicknessOf,
  type Thickener,
  type ThickenerId,
  type Thickness,
} from './sauce/data/thickeners';
export { adviseThickener, type Advice, type AdviseInput } from './sauce/advise';
export {
  MEASURING,
  sliderOf,
  readSauce,
  type MeasuringAid,
  type MeasuringId,
  type SauceReading,
} from './sauce/measure';
export { rescue, RESCUES, RESCUE_NAMES, type Rescue, type RescueId, type RescueInput } from './sauce/rescue';
export { dilutionG, saltView, SALT_FIGURES, type SaltView } from './sauce/salt';
export { eatenG, freeFatG, sugarG } from './sauce/present';
export { glazeDown, GLAZE, type GlazeDown } from './sauce/glaze';
export { pastaStanding, PASTA } from './sauce/pasta';
export { planDairy, mixedC } from './sauce/temper';

export { CookEventSchema, VERDICTS, type CookEvent, type EventPayload, type ToldTimes } from './cook/events';
export {
  CommandSchema,
  DEVICE_KINDS,
  DeviceSchema,
  FAULTS,
  FAULT_NAMES,
  KitchenRequestSchema,
  LoadSchema,
  ReadingSchema,
  type Command,
  type CookerReading,
  type CookerStage,
  type Device,
  type DeviceKind,
  type Fault,
  type KitchenRequest,
  type Load,
  type Reading,
} from './cook/protocol';
export { Feed, type Received } from './cook/feed';
export { SimCooker } from './cook/cooker';
export { eventsOf, loadOf } from './cook/plugged';
export { minutesMore, type MoreMinutes } from './heat/more';
export {
  cookTime,
  foldCook,
  liveTimers,
  secondsLeft,
  type CookState,
  type Timer,
  type Verdict,
} from './cook/cook';
export { forecastOf, liveForecast, type LiveForecast } from './cook/forecast';
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
export { potNow, type PotNow, type PotPhase } from './cook/phase';
export { eventsForStep, type Leaving } from './cook/tap';
export { whyDiffered, type Difference } from './log/why';
export { calibrate, compareCook, nextTimeNotes, type CookComparison } from './log/log';
export { writeCalendar } from './formats/calendar';
export { MAX_LINK, packDish, unpackDish, type Unpacked } from './formats/link';
export { isSameRecipe } from './formats/portable';
export { wholeDishesIn, writeRecipe, writeRecipes, writeRecipeText } from './formats/recipe';
export { cookRows, type CookRow } from './formats/cooks';
export { writeReadings } from './formats/readings';
export { readFoods, writeFoods, MAX_FOODS_BYTES } from './formats/foods';
export { readBackup, writeBackup, type Backup, type Household, type ReadBackup } from './formats/backup';
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
export { greyOf, madeReady, type Grey } from './photo/picture';
export { withoutEdges, type PrintedWord } from './photo/edges';
export { photoDoubt, type PhotoDoubt } from './photo/doubts';
