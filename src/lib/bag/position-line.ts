import type { Position } from '$core/camera';
import { formatAperture, formatTime } from '$core/units';
import { filmSpeedQuantity, fNumberQuantity, timeQuantity } from '$lib/forms/exposures';

const iso = /^iso\s*/i;

/** One place of a lever on one line: "sun, f/16, 1/100 s, ISO 75"; what it does not move is left out. */
export const positionLine = {
	parse(line: string): Position {
		const [label, ...parts] = line.split(',').map((part) => part.trim());
		const position: Position = { label };
		for (const part of parts) {
			if (/^f/i.test(part)) position.f = fNumberQuantity.parse(part);
			else if (iso.test(part)) position.iso = filmSpeedQuantity.parse(part.replace(iso, ''));
			else position.seconds = timeQuantity.parse(part);
		}
		return position;
	},
	show({ label, f, seconds, iso: speed }: Position): string {
		return [
			label,
			...(f === undefined ? [] : [formatAperture(f)]),
			...(seconds === undefined ? [] : [formatTime(seconds)]),
			...(speed === undefined ? [] : [`ISO ${speed}`])
		].join(', ');
	}
};

/** A step of a checklist on one line. */
export const stepLine = { parse: (line: string) => line, show: (step: string) => step };
