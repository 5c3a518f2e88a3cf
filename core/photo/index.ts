/** A page from a photo: grey values (0-255), its edges, and what of the words read from it is doubted. */
export { greyOf, madeReady } from './picture';
export { withoutEdges } from './edges';
export { photoDoubt, type PhotoDoubt } from './doubts';
