import { resolveLight } from '$core/light';
import { wayOfReading } from '$words';
import { runningNumber } from '$contract/loads';
import type { FrameRecord } from '$contract/records';
import type { Kept } from '../database/record-table';
import type { Tables } from '../database/tables';
import { localTime } from '../local-time';
import { csvOf, type Cell } from './csv';

type Row = Readonly<Record<string, Cell>>;
type Things = Pick<Tables, 'loads' | 'cameras' | 'films'>;

const rounded = (value: number | null | undefined, digits = 3) =>
	value === null || value === undefined ? null : Number(value.toFixed(digits));
const yesOrNo = (value: boolean | undefined) => (value === undefined ? null : value ? 'yes' : 'no');

const wherePart = ({ where, distance }: FrameRecord): Row => ({
	Place: where?.name,
	Latitude: where?.latitude,
	Longitude: where?.longitude,
	'Distance, m': distance
});

function lightPart({ light }: FrameRecord): Row {
	if (light === null) return {};
	const { ev, sd } = resolveLight(light);
	return {
		'Light, EV at ISO 100': rounded(ev),
		'Light ±, stops': rounded(sd),
		'Light read by': wayOfReading(light)
	};
}

const flashIn = ({ flash }: FrameRecord): Cell =>
	typeof flash === 'object'
		? [flash.name, `guide number ${flash.guideNumber}`, `power ${flash.power}`].filter(Boolean).join(', ')
		: yesOrNo(flash);

const settingsPart = (frame: FrameRecord): Row => ({
	'f-number': frame.settings.f,
	'Time, s': frame.settings.seconds,
	'Wheel, stops': frame.settings.compensation,
	'Dial, ISO': frame.settings.iso,
	Lever: frame.settings.position,
	Filters: frame.filters?.map(({ name, stops }) => `${name} (${stops})`).join('; '),
	'Close-up lens': frame.closeUp?.name,
	Flash: flashIn(frame),
	'Hand-held': yesOrNo(frame.handheld),
	Exposures: frame.exposures
});

const outcomePart = ({ predicted, judged }: FrameRecord): Row => ({
	'Predicted, stops': rounded(predicted?.error),
	Predicted: predicted?.verdict,
	'Chance of usable': rounded(predicted?.chances.usable),
	'Came out, stops': rounded(judged?.stops),
	'Came out ±, stops': rounded(judged?.sd),
	'Judged by': judged?.by,
	Kept: yesOrNo(judged?.kept),
	Lost: judged?.lost?.join('; '),
	Faults: judged?.faults?.join('; ')
});

/** When it was taken, by the clock of where it was. */
const clockPart = (frame: FrameRecord): Row => ({
	'Taken at': localTime(frame).toISO({ suppressMilliseconds: true }),
	'Time zone': frame.zone
});

function rowOf(frame: Kept<FrameRecord>, { loads, cameras, films }: Things): Row {
	const load = loads.get(frame.loadId)!;
	const film = films.get(load.filmId);
	return {
		Camera: cameras.get(load.cameraId)?.name,
		Film: frame.film?.name ?? film?.name,
		ISO: frame.film?.iso ?? film?.iso,
		'Loaded at': load.loadedAt,
		Frame: frame.number,
		'Own number': runningNumber(load, frame.number),
		...clockPart(frame),
		Subject: frame.subject,
		Note: frame.note,
		Caption: frame.caption,
		'Given away to': frame.givenTo,
		...wherePart(frame),
		...settingsPart(frame),
		...lightPart(frame),
		...outcomePart(frame),
		'Frame id': frame.id,
		'Load id': frame.loadId
	};
}

/** The columns, whatever a frame has of them. */
export const columns = [
	...['Camera', 'Film', 'ISO', 'Loaded at', 'Frame', 'Own number', 'Taken at', 'Time zone'],
	...['Subject', 'Note', 'Caption', 'Given away to', 'Place', 'Latitude', 'Longitude', 'Distance, m'],
	...['f-number', 'Time, s', 'Wheel, stops', 'Dial, ISO', 'Lever', 'Filters', 'Close-up lens', 'Flash'],
	...['Hand-held', 'Exposures', 'Light, EV at ISO 100', 'Light ±, stops', 'Light read by'],
	...['Predicted, stops', 'Predicted', 'Chance of usable', 'Came out, stops', 'Came out ±, stops'],
	...['Judged by', 'Kept', 'Lost', 'Faults', 'Frame id', 'Load id']
] as const;

/**
 * Frames as a table, piece by piece.
 *
 * @param things where their loads, cameras and films are
 * @param pieces some frames at a time
 */
export async function* framesCsv(
	things: Things,
	pieces: AsyncIterable<readonly Kept<FrameRecord>[]>
): AsyncGenerator<string> {
	yield csvOf(columns, []);
	for await (const frames of pieces) {
		if (frames.length > 0)
			yield csvOf(
				columns,
				frames.map((frame) => rowOf(frame, things)),
				false
			);
	}
}
