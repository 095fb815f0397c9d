import { array, number, object, string } from 'yup';
import type { Batch, Storage } from '../core/film';
import { between, instant } from './fields';
import { held } from './held';

/** Packs or rolls in a batch, and batches of a film, at most. */
const [MOST_PACKS, MOST_BATCHES] = [9999, 24];

/** Whether a text is a month of the calendar. */
const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;

const storages = ['warm', 'room', 'fridge', 'freezer'] as const satisfies readonly Storage[];

/** What there is of a film, batch by batch. */
export const stockSchema = () =>
	array(
		held<Batch>()(
			object({
				packs: number().required().integer().min(0).max(MOST_PACKS),
				countedAt: instant().required(),
				price: between(0, 1_000_000),
				bestBefore: string().matches(MONTH, 'must be a month such as 2027-05'),
				storage: string<Storage>().oneOf(storages)
			})
		).required()
	).max(MOST_BATCHES);
