import {
  compareHouseholds,
  comparePots,
  HeatRanges,
  joinHouseholds,
  minutesTable,
  outlookOf,
  pantryFor,
  planDish,
  potFor,
  readPageInSteps,
  readSaved,
  recipesIn,
  restAsItWent,
  schoolsFor,
  textsIn,
  writeArchive,
  writeBook,
  type ArchivedHousehold,
  type Bundle,
  type Calibration,
  type Compared,
  type CookEvent,
  type Dish,
  type FoundRecipe,
  type HeatInput,
  type Kitchen,
  type LiveAsk,
  type LiveRest,
  type MinutesRow,
  type Outlook,
  type Pot,
  type RangeAnswer,
  type ReadArchive,
  type ReadPage,
  type Turned,
  type Severity,
  type SchoolForDish,
} from '../../core/index';

/** A dish in one pot, as figures that cross to the screen. */
export interface PotAnswer {
  potId: string;
  name: string;
  shareOfLimit: number;
  thinMl: number;
  needMl: number;
  floorRisk: number;
  lidS: { low: number; mid: number; high: number };
  totalS: { low: number; mid: number; high: number };
  mostPlates: number;
  mustChange: { severity: Severity; text: string; fix: string }[];
}

/** A saved file that was read, and what it would change. */
export type OpenedArchive =
  (Extract<ReadArchive, { ok: true }> & { compared: Compared }) | Extract<ReadArchive, { ok: false }>;

/** A plan with what its pot has taught; null for a dish that cannot be planned. */
function planOrNull(
  dish: Dish,
  kitchen: Kitchen,
  calibrations: ReadonlyMap<string, Calibration>,
): ReturnType<typeof planDish> | null {
  try {
    const calibration = calibrations.get(potFor(dish, kitchen).id);
    return planDish(dish, kitchen, calibration ? { calibration } : {});
  } catch {
    return null;
  }
}

/** Jobs that nobody waits for any more. */
const dropped = new Set<number>();
/** Longest a job works before it lets others in and looks whether it is still wanted, ms. */
const TURN_MS = 40;
/** A better answer is told at most so often, ms: each one is drawn. The first is told at once. */
const TELL_MS = 250;
/** Where the quasi-random kitchens begin: any number, the same each time. */
const SEED = 20;
const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Plans many dishes away from the screen. */
export const planning = {
  /** All dishes as one text for anybody to read, in their order; gives way to other jobs between dishes. */
  async book(
    title: string,
    dishes: readonly Dish[],
    kitchen: Kitchen,
    calibrations: ReadonlyMap<string, Calibration>,
  ): Promise<string> {
    const planned: { dish: Dish; plan: ReturnType<typeof planDish> | null }[] = [];
    for (const dish of dishes) {
      planned.push({ dish, plan: planOrNull(dish, kitchen, calibrations) });
      await turn();
    }
    return writeBook(title, planned);
  },

  /** Outlooks of dishes in their order; a dish that cannot be planned gives null rather than stopping the rest. */
  outlooks(
    dishes: readonly Dish[],
    kitchen: Kitchen,
    calibrations: ReadonlyMap<string, Calibration>,
  ): (Outlook | null)[] {
    return dishes.map((dish) => {
      try {
        const plan = planOrNull(dish, kitchen, calibrations);
        return plan && outlookOf(plan);
      } catch {
        return null;
      }
    });
  },

  /** Everything of a household as the bytes of one file. */
  packed(household: ArchivedHousehold, savedAt: number): Uint8Array {
    return writeArchive(household, savedAt);
  },

  /** A saved file as a household, held against the dishes and events that are here. */
  opened(bytes: Uint8Array, dishes: Dish[], events: CookEvent[]): OpenedArchive {
    const read = readSaved(bytes, (base64) => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0)));
    return read.ok ? { ...read, compared: compareHouseholds({ dishes, events }, read.backup) } : read;
  },

  /** What is here and what another device has, as one household. */
  joined(here: ArchivedHousehold, there: ArchivedHousehold): ArchivedHousehold {
    return joinHouseholds(here, there);
  },

  /** The texts in a zip of recipes. */
  bundle(zip: Uint8Array): Bundle {
    return textsIn(zip);
  },

  /** The recipes of many files, file by file, telling how many are done; null where nobody waits for them any more. */
  async recipes(
    job: number,
    files: readonly { name: string; text: string }[],
    ownFoods: Kitchen['ownFoods'],
    tell: (done: number) => void,
  ): Promise<FoundRecipe[][] | null> {
    const pantry = pantryFor({ ownFoods });
    const found: FoundRecipe[][] = [];
    let until = performance.now() + TURN_MS;
    for (const { name, text } of files) {
      found.push(recipesIn(text, name, pantry));
      if (performance.now() < until) continue;
      tell(found.length);
      await turn();
      if (dropped.delete(job)) return null;
      until = performance.now() + TURN_MS;
    }
    return found;
  },

  /** A long page told apart, telling what share of it is read; null where nobody waits for it any more. */
  async page(
    job: number,
    text: string,
    ownFoods: Kitchen['ownFoods'],
    turned: Turned,
    tell: (share: number) => void,
  ): Promise<ReadPage | null> {
    const reading = readPageInSteps(text, pantryFor({ ownFoods }), turned);
    let until = performance.now() + TURN_MS;
    for (;;) {
      const step = reading.next();
      if (step.done) return step.value;
      if (performance.now() < until) continue;
      tell(step.value);
      await turn();
      if (dropped.delete(job)) return null;
      until = performance.now() + TURN_MS;
    }
  },

  /** A dish in every pot of the household. */
  pots(dish: Dish, kitchen: Kitchen, calibrations: ReadonlyMap<string, Calibration>): PotAnswer[] {
    return comparePots(dish, kitchen, calibrations).map(({ pot, plan, mostPlates, mustChange }) => {
      const { comeUpS, holdS, releaseS } = plan.heat;
      const under = (key: 'low' | 'mid' | 'high'): number => comeUpS[key] + holdS + releaseS[key];
      return {
        potId: pot.id,
        name: pot.name,
        shareOfLimit: plan.fill.shareOfLimit,
        thinMl: Math.max(0, plan.liquid.countedMl.mid),
        needMl: plan.liquid.needMl,
        floorRisk: plan.floor.risk,
        lidS: { low: under('low'), mid: under('mid'), high: under('high') },
        totalS: plan.timing.totalS,
        mostPlates,
        mustChange: mustChange.map((f) => ({
          severity: f.severity,
          text: f.text,
          fix: f.fixes[0]?.label ?? '',
        })),
      };
    });
  },

  /**
   * The cook in many kitchens. Tells what is known after the first turn, from time to time, and at the end; a job that was dropped ends quietly and
   * leaves nothing behind.
   */
  async ranges(
    job: number,
    input: HeatInput,
    minutes: number,
    lead: number,
    runs: number,
    tell: (answer: RangeAnswer) => void,
  ): Promise<void> {
    const ranges = new HeatRanges(input, minutes, lead, SEED);
    let toldAt = Number.NEGATIVE_INFINITY;
    while (ranges.runs < runs && !dropped.has(job)) {
      const until = performance.now() + TURN_MS;
      do ranges.next();
      while (ranges.runs < runs && performance.now() < until);
      if (ranges.runs === runs || performance.now() - toldAt >= TELL_MS) {
        tell(ranges.answer());
        toldAt = performance.now();
      }
      await turn();
    }
    dropped.delete(job);
  },

  /** The rest of a cook from what has happened. */
  rest(ask: LiveAsk): LiveRest {
    return restAsItWent(ask);
  },

  /** Tells a job that nobody waits for it. */
  drop(job: number): void {
    dropped.add(job);
  },

  /**
   * The household's table of minutes for a pot, row by row. Ends only when the last row has been heard: the end and the rows
   * travel by different ways, and the end would overtake them.
   */
  async minutes(
    job: number,
    pot: Pot,
    kitchen: Kitchen,
    tell: (row: MinutesRow) => void | Promise<void>,
  ): Promise<void> {
    for (const row of minutesTable(pot, kitchen)) {
      if (dropped.has(job)) break;
      await tell(row);
      await turn();
    }
    dropped.delete(job);
  },

  /** What every option of every school that concerns a dish would change in it. */
  schools(dish: Dish, kitchen: Kitchen, calibration: Calibration): SchoolForDish[] {
    return schoolsFor(dish, kitchen, planDish(dish, kitchen, { calibration }), { calibration });
  },
};

export type Planning = typeof planning;
