export { endsOf, errorByTone, FARTHEST_ERROR, reflectanceOf } from './curve';
export { levelled, luminanceAbout, type LevelledPrint, type Pixels, type Refusal } from './levelled';
export { inPicture, onPrint, type Point, type Quad } from './quad';
export * from './references';
export { meanReflectance, printOf, type PrintQuestion } from './render';
export {
	errorBySpot,
	errorBySpots,
	LEAST_JUDGED,
	tonesOfThings,
	weighed,
	type Spot,
	type Thing,
	type Told
} from './spots';
export * from './picture-judge';
export { errorThrough, type SpotThrough } from './through-light';
