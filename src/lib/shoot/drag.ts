import type { Attachment } from 'svelte/attachments';
import type { Axis } from './axis';

/** A horizontal drag, told in stops. */
export interface StopsDrag {
	/** EV where the drag begins, from the pointer's place. */
	start: (event: PointerEvent, element: HTMLElement) => number;
	/** Stops for a pixel. */
	gear: (element: HTMLElement) => number;
	move: (ev: number) => void;
}

/** A drag of the line itself: it begins where it is grabbed, and goes as far as the pointer. */
export const dragOf = ({ from, to }: Pick<Axis, 'from' | 'to'>, move: StopsDrag['move']): StopsDrag => ({
	start: (event, element) => {
		const { left, width } = element.getBoundingClientRect();
		return from + ((event.clientX - left) / width) * (to - from);
	},
	gear: (element) => (to - from) / element.getBoundingClientRect().width,
	move
});

/** Makes an element draggable along the line of stops by mouse, pen or finger. */
export function dragsStops(drag: () => StopsDrag): Attachment<HTMLElement> {
	return (element) => {
		let grabbed: { x: number; ev: number; gear: number } | null = null;

		const down = (event: PointerEvent) => {
			if (event.button !== 0) return;
			const { start, gear, move } = drag();
			grabbed = { x: event.clientX, ev: start(event, element), gear: gear(element) };
			element.setPointerCapture(event.pointerId);
			move(grabbed.ev);
		};
		const move = (event: PointerEvent) => {
			if (grabbed) drag().move(grabbed.ev + (event.clientX - grabbed.x) * grabbed.gear);
		};
		const up = () => {
			grabbed = null;
		};

		element.addEventListener('pointerdown', down);
		element.addEventListener('pointermove', move);
		element.addEventListener('pointerup', up);
		element.addEventListener('pointercancel', up);
		return () => {
			element.removeEventListener('pointerdown', down);
			element.removeEventListener('pointermove', move);
			element.removeEventListener('pointerup', up);
			element.removeEventListener('pointercancel', up);
		};
	};
}

const THIRD = 1 / 3;

/** Keys of a slider along the line: thirds by arrows, whole stops by page keys. */
export function slideByKey(event: KeyboardEvent, moveBy: (stops: number) => void): void {
	const steps: Record<string, number> = {
		ArrowLeft: -THIRD,
		ArrowDown: -THIRD,
		ArrowRight: THIRD,
		ArrowUp: THIRD,
		PageDown: -1,
		PageUp: 1,
		Home: -100,
		End: 100
	};
	const step = Object.hasOwn(steps, event.key) ? steps[event.key] : 0;
	if (step === 0) return;
	event.preventDefault();
	moveBy(step);
}
