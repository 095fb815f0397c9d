export {
	metresBetween,
	nearestPlace,
	placeAt,
	pointsInOrder,
	whenAt,
	type OnTrack,
	type TrackPoint
} from './track';
