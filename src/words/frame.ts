import { lightNote, meterDifferenceOf, resolveLight, type Light } from '../core/light';
import { BUILT_IN } from '../core/flash';
import { formatAperture, formatDoubt, formatEv, formatPart, formatTime, stopsInWords } from '../core/units';
import { settingsInShort } from './settings';
import { runningNumber } from '../contract/loads';
import type { CameraRecord, FrameRecord, LoadRecord } from '../contract/records';

/** What was on the camera beside its settings, in a few words. */
export function onCameraInWords(frame: FrameRecord): string[] {
	const { filters = [], closeUp, flash, handheld, light } = frame;
	const apart = meterDifferenceOf(light);
	return [
		...filters.map(({ name }) => name),
		...(closeUp ? [closeUp.name] : []),
		...(flash ? [flashInWords(flash)] : []),
		...(handheld === false ? ['on a tripod'] : []),
		...(Math.abs(apart) > SAME
			? [`eye in light ${stopsInWords(apart)} ${apart < 0 ? 'darker' : 'brighter'}`]
			: [])
	];
}

function flashInWords(flash: NonNullable<FrameRecord['flash']>): string {
	if (typeof flash !== 'object') return 'flash';
	const power = flash.power === 1 ? 'full power' : `${formatPart(flash.power)} power`;
	return `${flash.name && flash.name !== BUILT_IN ? flash.name : 'flash'} at ${power}`;
}

const SAME = 1 / 12;

/** The light of a frame in a few words, with its doubt. */
export function frameLight(light: Light | null): string {
	if (light === null) return 'light not read';
	const { ev, sd } = resolveLight(light);
	return `EV ${formatEv(ev)} ± ${formatDoubt(sd)}, ${lightNote(light)}`;
}

/** The settings of a frame in a few words, as far as they are known. */
export function frameSettings(camera: CameraRecord, { settings }: Pick<FrameRecord, 'settings'>): string {
	const { f, seconds } = settings;
	if (f !== null && seconds !== null) return settingsInShort(camera, { ...settings, f, seconds });
	const known = [f !== null && formatAperture(f), seconds !== null && formatTime(seconds)].filter(Boolean);
	return known.length > 0 ? known.join(', ') : 'settings not noted';
}

/** All that was said of a frame, in one line. */
export const saidOf = ({ subject, note, caption, givenTo }: FrameRecord): string =>
	[subject, note, caption && `“${caption}”`, givenTo && `given away to ${givenTo}`]
		.filter(Boolean)
		.join('. ');

/** How a frame is called: by the photographer's own number, where its load counts on. */
export function numberInWords(load: Pick<LoadRecord, 'countsFrom'>, number: number): string {
	const own = runningNumber(load, number);
	return own === undefined ? `frame ${number}` : `no. ${own}`;
}

/** What stands on a print's back or border, line by line: what it shows, when, how, and its number. */
export function captionOf(
	frame: FrameRecord,
	{ camera, load, film }: { camera: CameraRecord; load: LoadRecord; film: { name: string } },
	day: string
): string[] {
	const said = frame.caption ?? frame.subject ?? frame.note;
	return [
		...(said ? [said] : []),
		[day, frame.where?.name].filter(Boolean).join(', '),
		frameSettings(camera, frame),
		`${camera.name}, ${frame.film?.name ?? film.name}, ${numberInWords(load, frame.number)}`
	];
}
