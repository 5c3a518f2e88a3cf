import { THICKENERS, type Thickener, type ThickenerId } from './data/thickeners';
import { doseFor, reduceTo, type Dose, type DoseInput } from './dose';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { SALT_FIGURES } from './salt';
import { SALT_SHARE } from './present';

/** What matters for the choice besides the sum. */
export interface AdviseInput {
  dose: DoseInput;
  plates: number;
  noGluten: boolean;
  noDairy: boolean;
  noEgg: boolean;
  fewCarbs: boolean;
  lowSalt: boolean;
  /** Milk, cream or yoghurt goes in afterwards. */
  dairyToCome: boolean;
  /** Some of it will be frozen. */
  toFreeze: boolean;
  /** Soft vegetables in the pot that could be blended, g. */
  vegetablesG: number;
  /** Salt in the sauce now, g. */
  saltG: number;
  hasScale: boolean;
  /** The household's usual. */
  usual: ThickenerId | 'reduce';
}

/** One reason for or against. */
interface Reason {
  text: string;
  kind: 'for' | 'against' | 'never';
}

/** One way of thickening this sauce, judged for this household. */
export interface Advice {
  id: ThickenerId | 'reduce';
  name: string;
  /** The sum; null for boiling down. */
  dose: Dose | null;
  /** Minutes until it is done. */
  minutes: number;
  /** `never` where somebody here cannot eat it or it cannot work. */
  verdict: 'best' | 'fits' | 'careful' | 'never';
  reasons: Reason[];
}

/** Points of each reason: how much a cook minds. Source: our own judgement; only the order matters. */
const POINTS = {
  usual: 3,
  quick: 1,
  clear: 1,
  freezes: 2,
  acid: 1.5,
  carbs: 2.5,
  milk: 3,
  slow: 1.5,
  short: 5,
  salt: 3,
  fiddly: 1,
};
/** Carbohydrate a plate from which a household that counts minds, g. */
const CARBS_A_PLATE = 2;
/** Without a scale less than this is guesswork, g. */
const SMALL_G = 3;
const LONG_BOIL_MIN = 25;

/** Ranks every way of thickening this sauce, best first, each with its reasons. */
export function adviseThickener(input: AdviseInput): Advice[] {
  const all = [...THICKENERS.map((t) => judge(t, input)), judgeReducing(input)];
  const ranked = all
    .map((a, i) => ({ ...a, i }))
    .sort((a, b) => Number(a.never) - Number(b.never) || b.points - a.points || a.i - b.i);
  return ranked.map(({ points, never, i: _i, ...advice }, n): Advice => ({
    ...advice,
    verdict: never ? 'never' : n === 0 ? 'best' : points < 0 ? 'careful' : 'fits',
  }));
}

interface Judged extends Omit<Advice, 'verdict'> {
  points: number;
  never: boolean;
}

class Case {
  readonly reasons: Reason[] = [];
  points = 0;
  never = false;
  for(text: string, points: number): void {
    this.reasons.push({ text, kind: 'for' });
    this.points += points;
  }
  against(text: string, points: number): void {
    this.reasons.push({ text, kind: 'against' });
    this.points -= points;
  }
  no(text: string): void {
    this.reasons.push({ text, kind: 'never' });
    this.never = true;
  }
}

function judge(t: Thickener, input: AdviseInput): Judged {
  const dose = doseFor({ ...input.dose, thickener: t.id });
  const c = new Case();
  if (t.gluten && input.noGluten) c.no('Gluten: somebody here does not eat it.');
  if (t.brings.includes('milk') && input.noDairy) c.no('Butter or cream: somebody here eats no dairy.');
  if (t.brings.includes('egg') && input.noEgg) c.no('Egg: somebody here does not eat it.');
  if (t.id === 'blended' && input.vegetablesG < 50) c.no('There are no soft vegetables in this pot.');
  else if (t.id === 'blended' && dose.starchG > input.vegetablesG)
    c.against(
      `It would take ${Math.round(dose.starchG)} g, and only ${Math.round(input.vegetablesG)} g are there.`,
      POINTS.short,
    );
  if (dose.capped)
    c.against(`Reaches only ${dose.resultThickness.name} before it turns unpleasant.`, POINTS.short);
  if (t.id === input.usual) c.for('Your usual one.', POINTS.usual);
  const plate = dose.carbohydrateG / Math.max(1, input.plates);
  if (input.fewCarbs && plate > CARBS_A_PLATE)
    c.against(`${plate.toFixed(0)} g carbohydrate a plate.`, POINTS.carbs * 2);
  else if (input.fewCarbs) c.for('Hardly any carbohydrate.', POINTS.carbs);
  const acid = t.acidLoss * (input.dose.sharpness ?? 0);
  if (acid > 0.08) c.against(`Loses ${Math.round(acid * 100)} % to the acid; counted.`, POINTS.acid);
  else if ((input.dose.sharpness ?? 0) > 0.5 && t.acidLoss <= 0.08) c.for('Stands the acid.', POINTS.acid);
  if (t.shunsMilk && input.dairyToCome) c.against('Turns slimy with milk or cream.', POINTS.milk);
  if (input.toFreeze) {
    if (t.freezes === 'well') c.for('Freezes well.', POINTS.freezes);
    else
      c.against(
        { weeps: 'Weeps after freezing.', loosens: 'Loosens after freezing.', splits: 'Splits when frozen.' }[
          t.freezes
        ],
        POINTS.freezes,
      );
  }
  if (t.simmerS <= 60) c.for('Quick.', POINTS.quick);
  else if (t.simmerS >= 240)
    c.against(`Simmers ${Math.round(t.simmerS / 60)} minutes or tastes raw.`, POINTS.slow);
  if (t.gloss === 'clear') c.for('Leaves the sauce clear and shining.', POINTS.clear);
  if (t.how === 'liaison') c.against('Must never boil again.', POINTS.fiddly * 2);
  if (t.how === 'whisk' && !input.hasScale && dose.starchG < SMALL_G)
    c.against(`${dose.starchG.toFixed(1)} g without a scale is guesswork.`, POINTS.fiddly * 2);
  return {
    id: t.id,
    name: t.name,
    dose,
    minutes: 1 + t.simmerS / 60,
    reasons: c.reasons,
    points: c.points,
    never: c.never,
  };
}

function judgeReducing(input: AdviseInput): Judged {
  const { dose } = input;
  const down = reduceTo(dose.sauceG, dose.presentPercent, dose.aimPercent);
  const c = new Case();
  const minutes = down?.minutes ?? 0;
  if (!down) c.no('Nothing in it to concentrate: water boiled down is less water.');
  else {
    const share = (input.saltG * 1) / Math.max(1, down.leftG);
    const most = input.lowSalt ? SALT_FIGURES.lowShare.value : SALT_SHARE.high;
    if (down.leftG < dose.sauceG * 0.35)
      c.against(`Leaves only ${Math.round((100 * down.leftG) / dose.sauceG)} % of the sauce.`, POINTS.short);
    if (share > most * 1.6) c.against(`Salt rises ${down.saltFactor.toFixed(1)} times.`, POINTS.salt);
    if (minutes > LONG_BOIL_MIN)
      c.against(`About ${Math.round(minutes)} minutes of boiling.`, POINTS.slow * 2);
    else if (minutes > 0 && minutes <= 8) c.for('A few minutes, and no starch at all.', POINTS.quick * 2);
    if (input.fewCarbs) c.for('No starch at all.', POINTS.carbs);
    if (input.usual === 'reduce') c.for('Your usual way.', POINTS.usual);
    c.for('More flavour in less sauce.', 0.5);
  }
  return {
    id: 'reduce',
    name: 'boil it down',
    dose: null,
    minutes: down ? (dose.sauceG - down.leftG) / BOIL_OFF_G_PER_MIN.high : 0,
    reasons: c.reasons,
    points: c.points,
    never: c.never,
  };
}
