const moment = new Intl.DateTimeFormat('en-GB', {
	day: 'numeric',
	month: 'short',
	hour: '2-digit',
	minute: '2-digit'
});

/** When something was, in the person's own time zone. */
export function atMoment(at: string): string {
	return moment.format(new Date(at));
}

const day = new Intl.DateTimeFormat('en-GB', {
	weekday: 'long',
	day: 'numeric',
	month: 'long',
	year: 'numeric',
	timeZone: 'UTC'
});

/** A date of a calendar, wherever it is. */
export const dateInWords = (date: string): string => day.format(new Date(`${date}T00:00:00Z`));
