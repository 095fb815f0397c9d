import type { FaceMark } from '$core/light';
import type { Interval } from '$core/match';

/** The line of stops: EV to per cent of its width. */
export interface Axis {
	from: number;
	to: number;
	/** Per cent of the width, kept inside it. */
	at: (ev: number) => number;
	/** Whole EVs to mark. */
	ticks: number[];
}

const LETTER_PIXELS = 7;
const GAP_PIXELS = 10;

const PICTURE_PIXELS = 21;
const widthOf = ({ words, condition }: FaceMark) =>
	condition ? PICTURE_PIXELS : words.length * LETTER_PIXELS + GAP_PIXELS;

/**
 * The marks that can be written on a line without touching each other.
 *
 * @param marks the most telling first; the same words twice are written once
 * @param width of the line, pixels
 */
export function marksThatFit(axis: Axis, width: number, marks: readonly FaceMark[]): FaceMark[] {
	const placed: { mark: FaceMark; left: number; right: number }[] = [];
	for (const mark of marks) {
		if (mark.ev <= axis.from || mark.ev >= axis.to) continue;
		if (placed.some((other) => other.mark.words === mark.words)) continue;
		const middle = (axis.at(mark.ev) / 100) * width;
		const half = widthOf(mark) / 2;
		const box = { mark, left: middle - half, right: middle + half };
		const free = placed.every((other) => box.right < other.left || box.left > other.right);
		if (free && box.left > -GAP_PIXELS && box.right < width + GAP_PIXELS) placed.push(box);
	}
	return placed.map(({ mark }) => mark);
}

/** Width of the window on a phone, stops. */
export const PHONE_WINDOW = 10;

export function axisOver([from, to]: Interval): Axis {
	const at = (ev: number) => Math.min(100, Math.max(0, (100 * (ev - from)) / (to - from)));
	const first = Math.floor(from) + 1;
	const ticks = Array.from({ length: Math.max(0, Math.ceil(to) - first) }, (_, step) => first + step);
	return { from, to, at, ticks };
}

const MARGIN = 3;
const LEAST_ZOOM = 10;

/** With one camera, the line shows that camera's light and a little on both sides. */
export function zoomedTo(intervals: readonly Interval[], light: number | null): Interval {
	const ends = [...intervals.flat(), ...(light === null ? [] : [light])];
	const [from, to] = [Math.floor(Math.min(...ends)) - MARGIN, Math.ceil(Math.max(...ends)) + MARGIN];
	const lack = Math.max(0, LEAST_ZOOM - (to - from));
	return [from - Math.ceil(lack / 2), to + Math.floor(lack / 2)];
}

const EDGE = 2;

/** Moves the phone's window just so far that a light stands inside it. */
export function windowAround(ev: number, current: Interval): Interval {
	const [from, to] = current;
	if (ev < from + EDGE) return [Math.floor(ev - EDGE), Math.floor(ev - EDGE) + PHONE_WINDOW];
	if (ev > to - EDGE) return [Math.ceil(ev + EDGE) - PHONE_WINDOW, Math.ceil(ev + EDGE)];
	return current;
}
