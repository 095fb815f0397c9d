import { placeRecordSchema } from '$contract/records';
import { FormState } from '$lib/forms/form-state.svelte';
import type { BagRecords } from '$lib/shoot/bag';

/** What a place begins as. */
export type Start = { latitude?: number; longitude?: number; name?: string };

/** Where the last reading was taken, else the first own place. */
export const lastPlace = ({ readings, places }: BagRecords): Start | undefined =>
	readings.find(({ where }) => where)?.where ?? places[0];

/** Where a plan is for. */
export class PlaceForm {
	readonly form: FormState<{ latitude?: number; longitude?: number }>;
	name = $state('');

	constructor(start: Start | undefined) {
		this.form = new FormState<{ latitude?: number; longitude?: number }>(
			placeRecordSchema.pick(['latitude', 'longitude']) as never,
			{ latitude: start?.latitude, longitude: start?.longitude }
		);
		this.name = start?.name ?? '';
	}

	/** null while it is not right. */
	get here(): { latitude: number; longitude: number } | null {
		const { latitude, longitude } = this.form.draft;
		const known = this.form.valid && latitude !== undefined && longitude !== undefined;
		return known ? { latitude, longitude } : null;
	}

	take(where: { latitude?: number; longitude?: number; name: string }): void {
		this.name = where.name;
		this.form.draft = { latitude: where.latitude, longitude: where.longitude };
	}
}
