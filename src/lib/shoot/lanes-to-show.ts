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
	return covers(lane.settings.f, outcome.f) && covers(lane.settings.seconds, outcome.seconds);
}

/**
 * The thin lanes to draw: all of them, or the seven around the one taken, from the dimmest light it
 * serves to the brightest.
 */
export function lanesToShow(
	lanes: readonly Lane[],
	outcome: Outcome | undefined
): (Lane & { taken: boolean })[] {
	const byLight = [...lanes].sort((a, b) => a.usable[0][0] - b.usable[0][0]);
	const taken = outcome ? byLight.findIndex((lane) => takes(lane, outcome)) : -1;
	const marked = byLight.map((lane, index) => ({ ...lane, taken: index === taken }));
	const latest = Math.max(0, marked.length - MOST_LANES);
	const start = Math.min(latest, Math.max(0, taken - Math.floor(MOST_LANES / 2)));
	return marked.slice(start, start + MOST_LANES);
}
