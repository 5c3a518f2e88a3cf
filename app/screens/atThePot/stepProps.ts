import type { CookState, EventPayload, Kitchen, Plan, Step } from '../../../core/index';
import type { PluggedNow } from '../../store/devices';
import type { Tell } from './tell';

/** What a step's card is given. */
export interface StepProps {
  step: Step;
  next: Step | undefined;
  plan: Plan;
  state: CookState;
  kitchen: Kitchen;
  tell: Tell;
  plugged: PluggedNow;
}

/** What a step with a screen of its own is given besides: how to finish it, with what was found. */
export type OwnStepProps = StepProps & { done: (...more: EventPayload[]) => void };
