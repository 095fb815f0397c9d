import { lightNote, resolveLight, type Light } from '$core/light';
import { formatDoubt, formatEv } from '$core/units';

/** The light of a frame in a few words, with its doubt. */
export function frameLight(light: Light): string {
	const { ev, sd } = resolveLight(light);
	return `EV ${formatEv(ev)} ± ${formatDoubt(sd)}, ${lightNote(light)}`;
}
