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
