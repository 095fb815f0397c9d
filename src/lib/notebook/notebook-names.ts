import type { DateOrder, NotebookField } from '$core/notebook';

/** What a column can hold, as people call it. */
export const fieldNames: Readonly<Record<NotebookField, string>> = {
	camera: 'camera',
	film: 'film',
	iso: 'film speed',
	roll: 'roll or pack',
	number: 'number of the frame',
	date: 'date',
	clock: 'time of day',
	aperture: 'aperture',
	time: 'exposure time',
	wheel: 'wheel, stops',
	subject: 'subject',
	note: 'note',
	place: 'place',
	latitude: 'latitude',
	longitude: 'longitude',
	distance: 'distance',
	ev: 'light, EV',
	outcome: 'how it came out, stops'
};

export const orderNames: Readonly<Record<DateOrder, string>> = {
	ymd: 'year, month, day',
	dmy: 'day, month, year',
	mdy: 'month, day, year'
};
