import type { Lane, Outcome, Span } from '$core/match';

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

/**
 * The thin lanes to draw: all of them, or the seven around the one taken, from the dimmest light it
 * serves to the brightest.
 */
export function lanesToShow(
	lanes: readonly Lane[],
	outcome: Outcome | undefined
): (Lane & { taken: boolean })[] {
	const byLight = besideTaken(lanes, outcome).sort((a, b) => a.usable[0][0] - b.usable[0][0]);
	const taken = outcome ? byLight.findIndex((lane) => takes(lane, outcome)) : -1;
	const marked = byLight.map((lane, index) => ({ ...lane, taken: index === taken }));
	const latest = Math.max(0, marked.length - MOST_LANES);
	const start = Math.min(latest, Math.max(0, taken - Math.floor(MOST_LANES / 2)));
	return marked.slice(start, start + MOST_LANES);
}
