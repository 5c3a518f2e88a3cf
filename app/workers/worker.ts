import '../plainSchemas';
import { expose } from 'comlink';
import { planning } from './planning';

/** Where planning runs away from the screen. */
expose(planning);
