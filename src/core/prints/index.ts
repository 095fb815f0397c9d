export { endsOf, errorByTone, reflectanceOf } from './curve';
export type { Pixels } from './levelled';
export * from './picture-judge';
export { onPrint, type Point, type Quad } from './quad';
export { printsToPick } from './to-pick';
export { printOf, type PrintQuestion } from './render';
export { lensOf, printShowing, shownError } from './showing';
export { errorBySpot, errorBySpots, tonesOfThings, type Thing, type Told } from './spots';
