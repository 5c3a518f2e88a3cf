import type { Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import type { HeatForecast } from '../heat/simulate';
import type { PlacedItem } from '../moments/item';
import type { Pantry } from '../pantry/pantry';
import type { Boil } from '../pot/boil';
import type { FloorRisk } from '../pot/floor';
import type { Fill } from '../pot/layers';
import type { LiquidSum } from '../pot/liquid';
import type { Pot } from '../pot/pot';
import type { Script } from '../script/act';
import type { Kitchen } from '../kitchen/kitchen';
import type { MeatPiece, PlantPiece } from '../pieces/meat';
import type { BrokenNeed } from '../kitchen/needs';

/** Everything a finding may look at. */
export interface FindingInput {
  dish: Dish;
  kitchen: Kitchen;
  rules: HouseRules;
  pot: Pot;
  items: readonly PlacedItem[];
  meat: readonly MeatPiece[];
  kinds: readonly (MeatPiece | PlantPiece)[];
  liquid: LiquidSum;
  fill: Fill;
  floor: FloorRisk;
  boil: Boil;
  heat: HeatForecast;
  release: 'quick' | 'ten' | 'natural';
  ventAfterMin: number;
  told: { minutes: number | null; isFollowed: boolean; isForStarch?: boolean; whistles?: number };
  batches: number;
  saltG: number;
  pantry: Pantry;
  needs: readonly BrokenNeed[];
  /** The method as acts; null where it tells none that can be followed. */
  script: Script | null;
  /** Loads a changed dish into its pot: a fix is only offered where it is seen to help. */
  load: (dish: Dish) => Pick<FindingInput, 'liquid' | 'fill' | 'floor' | 'boil'>;
  /** Forecasts a changed dish, for the same purpose. */
  heatOf: (dish: Dish) => { heat: HeatForecast; kinds: readonly (MeatPiece | PlantPiece)[] };
}
