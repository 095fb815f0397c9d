import type { Exposed, Ground, Sky } from '$core/light';
import { lastPlace, PlaceForm, type Start } from './place-form.svelte';
import type { BagRecords } from '$lib/shoot/bag';

/**
 * What is asked of a plan, until the page is loaded anew: a day and a year are asked of the same place, and going to
 * another view and back forgets nothing that was typed.
 */
export const asked = $state({
	/** Where; absent until a plan is opened. */
	where: undefined as Start | undefined,
	subject: 'facing' as Exposed,
	ground: 'plain' as Ground | 'plain',
	wanted: 'any',
	day: {
		/** Empty: today. */
		date: '',
		/** Empty: as plans begin with. */
		sky: '' as Sky | '',
		later: 'same' as Sky | 'same',
		laterFrom: '14:00',
		looks: '',
		depth: '0'
	},
	year: {
		/** Absent: this year; null: what is no year. */
		year: undefined as number | null | undefined,
		/** Empty: as it is at the place. */
		sky: '' as Sky | '',
		cameraId: '',
		filmId: ''
	}
});

/** Where a plan is for: as it was asked last, else where the last reading was taken; to be called by a view as it begins. */
export function placeAsked(records: BagRecords): PlaceForm {
	const place = new PlaceForm(asked.where ?? lastPlace(records));
	$effect(() => {
		if (place.here) asked.where = { ...place.here, name: place.name };
	});
	return place;
}
