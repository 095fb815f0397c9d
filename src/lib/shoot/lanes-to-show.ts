import type { Lane, Outcome, Reach, Span } from '$core/match';

/** Most thin lanes under the chosen camera. */
const MOST_LANES = 7;

const SAME = 1e-6;
const covers = (span: Span, value: number) =>
	typeof span === 'number'
		? Math.abs(span / value - 1) < SAME
		: value >= span[0] * (1 - SAME) && value <= span[1] * (1 + SAME);

/** Whether an outcome is a setting of this lane. */
function takes(lane: Lane, outcome: Outcome): boolean {
	const { f, seconds, compensation, iso } = lane.settings;
	const dials = compensation === outcome.compensation && iso === outcome.iso;
	return dials && covers(f, outcome.f) && covers(seconds, outcome.seconds);
}

/** On a camera with a wheel, the lanes are those of the wheel, at the aperture and dial that are taken. */
function besideTaken(lanes: readonly Lane[], outcome: Outcome | undefined): Lane[] {
	const wheel = outcome !== undefined && lanes.some((lane) => lane.settings.compensation);
	if (!wheel) return [...lanes];
	const apertures = new Set(lanes.map((lane) => String(lane.settings.f)));
	return lanes.filter(
		({ handTimed, settings }) =>
			!handTimed && settings.iso === outcome.iso && (apertures.size === 1 || covers(settings.f, outcome.f))
	);
}

/** Of two rings one lane an aperture, with the time that goes with it, widest first; a lane each without them. */
const ofScale = (lanes: readonly Lane[], scale: readonly Outcome[]): Lane[] =>
	scale.flatMap((each) => lanes.find((lane) => !lane.handTimed && takes(lane, each)) ?? []);

/** Lights nearer than this are the same, EV; then the wheel's own order, lighten first, as it serves dimmer light. */
const SAME_EV = 0.01;
const wheelOf = ({ settings }: Lane) => settings.compensation ?? 0;

function dimmestFirst(a: Lane, b: Lane): number {
	const [dimA, dimB] = [a, b].map(({ usable }) => usable[0]?.[0] ?? Infinity);
	const apart = dimA === dimB ? 0 : dimA - dimB;
	return Math.abs(apart) < SAME_EV ? wheelOf(b) - wheelOf(a) : apart;
}

/**
 * The thin lanes to draw: all of them, or the most around the one taken, from the dimmest light it
 * serves to the brightest.
 *
 * @param most lanes there is room for
 * @param scale of a camera with two rings: each aperture with the time that goes with it
 */
export function lanesToShow(
	lanes: readonly Lane[],
	outcome: Outcome | undefined,
	most = MOST_LANES,
	scale: readonly Outcome[] = []
): (Lane & { taken: boolean })[] {
	const rings = ofScale(lanes, scale);
	const byLight = rings.length > 1 ? rings : besideTaken(lanes, outcome).sort(dimmestFirst);
	const taken = outcome ? byLight.findIndex((lane) => takes(lane, outcome)) : -1;
	const marked = byLight.map((lane, index) => ({ ...lane, taken: index === taken }));
	const latest = Math.max(0, marked.length - most);
	const start = Math.min(latest, Math.max(0, taken - Math.floor(most / 2)));
	return marked.slice(start, start + most);
}

/** A camera's whole lane as one more filter would move it. */
export interface FilterLane extends Pick<Reach, 'good' | 'usable'> {
	name: string;
}

/** Filters always get this many of the lanes, if there are so many. */
const LEAST_FILTERS = 2;

/** Stops from a light to the nearest of some intervals; 0 inside. */
const away = (ev: number, { good }: FilterLane) =>
	Math.min(Infinity, ...good.map(([from, to]) => Math.max(0, from - ev, ev - to)));

/** The thin lanes of settings and of filters that there is room for together. */
export function thinLanes(
	lanes: readonly Lane[],
	filters: readonly FilterLane[],
	outcome: Outcome | undefined,
	ev: number | undefined,
	scale: readonly Outcome[] = []
) {
	const kept = Math.min(filters.length, LEAST_FILTERS);
	const shown = lanesToShow(lanes, outcome, MOST_LANES - kept, scale);
	const settings = shown.length > 1 ? shown : [];
	const nearest = ev === undefined ? [...filters] : filters.toSorted((a, b) => away(ev, a) - away(ev, b));
	const fit = new Set(nearest.slice(0, MOST_LANES - settings.length));
	return { settings, filters: filters.filter((each) => fit.has(each)) };
}
