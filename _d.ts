import { clausesOf, minutesNamed, pressureRuns } from './core/dish/pressure';
const m="Add barley, stock, rosemary and lamb. Secure lid. Cook on high pressure 40 mins. Allow pressure to release naturally for 15 mins before venting.";
console.log(clausesOf(m).map(c=>[c,minutesNamed(c)]), pressureRuns(m));
