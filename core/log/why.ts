import type { CookState } from '../cook/cook';
import { formatTempDifference, type DisplayUnits } from '../quantity/format';
import { compareCook } from './log';

/** One way a cook differed from its forecast, and the likeliest reason. */
export interface Difference {
  text: string;
  why: string;
}

/** A stretch that differs by less than this share and time is the ordinary spread of kitchens. */
const NOTICED = { share: 0.15, seconds: 90, sauce: 0.15 };

const minutes = (s: number): string => `${Math.round(Math.abs(s) / 60)} min`;

/**
 * What differed from the forecast, most telling first, with the probable why: what the cook wrote down (a trouble, something put
 * in early, a skipped check) before what could only be guessed. Empty where all went as forecast.
 */
export function whyDiffered(
  state: CookState,
  units: Pick<DisplayUnits, 'temperature'> = { temperature: 'C' },
): Difference[] {
  const c = compareCook(state);
  if (!c) return [];
  const out: Difference[] = [];
  const told = state.troubles[0];
  const skipped = Object.entries(state.done).filter(([, d]) => d.skipped !== null);
  const far = (forecastS: number, actualS: number | null): actualS is number =>
    actualS !== null && Math.abs(actualS - forecastS) > Math.max(NOTICED.seconds, forecastS * NOTICED.share);
  if (far(c.comeUp.forecastS, c.comeUp.actualS)) {
    const late = c.comeUp.actualS - c.comeUp.forecastS;
    out.push({
      text: `Pressure came ${minutes(late)} ${late > 0 ? 'late' : 'early'}.`,
      why: told
        ? `You found: ${told.remember || told.causeId.replace(/-/g, ' ')}.`
        : late > 0
          ? 'Fuller or colder than planned, a heater below its rating, or steam that leaked on the way.'
          : 'Less or warmer food than planned, or liquid that was hot already.',
    });
  }
  if (far(c.hold.forecastS, c.hold.actualS)) {
    const late = c.hold.actualS - c.hold.forecastS;
    out.push({
      text: `Held ${minutes(late)} ${late > 0 ? 'longer' : 'shorter'} than planned.`,
      why: 'Set otherwise on the pot, or tapped late: the log can be corrected there.',
    });
  }
  if (far(c.release.forecastS, c.release.actualS)) {
    const late = c.release.actualS - c.release.forecastS;
    out.push({
      text: `Came down ${minutes(late)} ${late > 0 ? 'slower' : 'sooner'}.`,
      why:
        late > 0
          ? 'A fuller pot or a well-insulated one; or keep-warm was on.'
          : 'Vented sooner, or a leaking ring.',
    });
  }
  const { forecastG, actualG } = c.sauce;
  if (actualG !== null && Math.abs(actualG / forecastG - 1) > NOTICED.sauce)
    out.push({
      text: `${Math.round(Math.abs(actualG - forecastG) / 10) * 10} ml ${actualG > forecastG ? 'more' : 'less'} sauce than forecast.`,
      why:
        actualG > forecastG
          ? 'The food gave up more juice, or more was poured in than written.'
          : 'More steam went than planned, or something drank it.',
    });
  if (state.coreC !== null && state.forecast?.coreAtOpenC && state.forecast.coreAtOpenC - state.coreC > 8)
    out.push({
      text: `The core was ${formatTempDifference(state.forecast.coreAtOpenC - state.coreC, units)} cooler than forecast.`,
      why: 'A thicker or colder piece than said, or a lump; the thermometer is right.',
    });
  for (const e of state.early)
    out.push({ text: `${e.name} went in before the pressure was gone.`, why: e.harm });
  if (out.length && skipped.length > 2)
    out.push({ text: `${skipped.length} steps were skipped.`, why: 'Their times are not real times.' });
  return out;
}
