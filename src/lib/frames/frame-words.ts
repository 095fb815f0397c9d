import { lightNote, resolveLight, type Light } from '$core/light';
import { formatDoubt, formatEv } from '$core/units';

/** The light of a frame in a few words, with its doubt. */
export function frameLight(light: Light): string {
	const { ev, sd } = resolveLight(light);
	return `EV ${formatEv(ev)} ± ${formatDoubt(sd)}, ${lightNote(light)}`;
}

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
