import { useMemo } from 'react';
import { planDish, potFor, type Dish, type Kitchen, type Plan } from '../../core/index';
import { useCalibrations } from './live';

/** The plan of a dish in the kitchen as it is, with what the log has learned. */
export function usePlan(dish: Dish | null | undefined, kitchen: Kitchen | undefined): Plan | undefined {
  const calibrations = useCalibrations(kitchen);
  return useMemo(() => {
    if (!dish || !kitchen || !calibrations) return undefined;
    const calibration = calibrations.get(potFor(dish, kitchen).id);
    return planDish(dish, kitchen, calibration ? { calibration } : {});
  }, [dish, kitchen, calibrations]);
}
