export { metresBetween, nearestPlace } from './near';
export { placeAt, pointsInOrder, whenAt, type OnTrack, type TrackPoint } from './track';
