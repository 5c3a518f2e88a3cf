import { NO_CALIBRATION, potFor, type Dish } from '../../../core/index';
import { useTitle } from '../../parts/title';
import { useCalibrations, useKitchen } from '../../store/live';
import { OnBench } from './OnBench';

/** The sauce bench on its own, for any pot of thin sauce. */
export default function Finish() {
  const kitchen = useKitchen();
  const calibrations = useCalibrations(kitchen);
  useTitle('Finish');
  if (!kitchen || !calibrations) return <p className="loading">One moment…</p>;
  const pot = potFor({ settings: { potId: kitchen.potId } as Dish['settings'] }, kitchen);
  return (
    <OnBench kitchen={kitchen} starchFactor={(calibrations.get(pot.id) ?? NO_CALIBRATION).starchFactor} />
  );
}
