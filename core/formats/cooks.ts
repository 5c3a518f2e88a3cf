import type { CookState } from '../cook/cook';
import { compareCook } from '../log/log';

/** One cook as a row of a table: ISO 8601 dates in universal time, minutes, grams, °C; empty where it was not recorded. */
export interface CookRow {
  started_at: string;
  dish: string;
  pot: string;
  plates: number | '';
  status: string;
  simulated: 'yes' | 'no';
  come_up_forecast_min: number | '';
  come_up_min: number | '';
  hold_min: number | '';
  release_forecast_min: number | '';
  release_min: number | '';
  total_forecast_min: number | '';
  total_min: number | '';
  sauce_forecast_g: number | '';
  sauce_g: number | '';
  core_c: number | '';
  meat: string;
  sauce: string;
  salt: string;
  note: string;
}

const minutes = (seconds: number | null | undefined): number | '' =>
  seconds === null || seconds === undefined ? '' : Math.round(seconds / 6) / 10;
const whole = (value: number | null | undefined): number | '' =>
  value === null || value === undefined ? '' : Math.round(value);
/** A text that no spreadsheet takes for a formula. */
const words = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);

/** Every cook of the log as rows, oldest first: for a table of comma-separated values. */
export function cookRows(cooks: readonly CookState[]): CookRow[] {
  return [...cooks]
    .sort((a, b) => a.startedAt - b.startedAt)
    .map((cook): CookRow => {
      const c = compareCook(cook);
      return {
        started_at: new Date(cook.startedAt).toISOString(),
        dish: words(cook.dish?.name ?? ''),
        pot: words(cook.potName),
        plates: cook.dish?.plates ?? '',
        status: cook.status,
        simulated: cook.isSimulated ? 'yes' : 'no',
        come_up_forecast_min: minutes(c?.comeUp.forecastS),
        come_up_min: minutes(c?.comeUp.actualS),
        hold_min: minutes(c?.hold.actualS),
        release_forecast_min: minutes(c?.release.forecastS),
        release_min: minutes(c?.release.actualS),
        total_forecast_min: minutes(c?.total.forecastS),
        total_min: minutes(c?.total.actualS),
        sauce_forecast_g: whole(c?.sauce.forecastG),
        sauce_g: whole(c?.sauce.actualG),
        core_c: cook.coreC ?? '',
        meat: cook.verdict?.meat ?? '',
        sauce: cook.verdict?.sauce ?? '',
        salt: cook.verdict?.salt ?? '',
        note: words(cook.verdict?.note ?? ''),
      };
    });
}
