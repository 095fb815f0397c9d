import type { Reach } from '$core/match';
import type { FilmRecord, GearRecord } from '$contract/records';
import { holding, reach, suitsFilm } from '$core/match';
import type { CameraRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';
import { bagOf } from '$lib/shoot/wishes';

/** A film in a camera: where it works, plain and behind each filter of the bag that suits it, the weakest first. */
export interface FilmInReach {
	film: Kept<FilmRecord>;
	plain: Reach;
	filtered: (Reach & { name: string })[];
}

/** Where a film works in a camera, with the filters of a bag. */
export function filmInReach(
	camera: CameraRecord,
	film: Kept<FilmRecord>,
	gear: readonly Kept<GearRecord>[]
): FilmInReach {
	const { filters = [] } = bagOf(gear, [], { film }, null);
	return {
		film,
		plain: reach(camera, film),
		filtered: filters
			.filter((filter) => suitsFilm(filter, film))
			.sort((a, b) => a.stops - b.stops)
			.map((filter) => ({ name: filter.name, ...reach(camera, film, { filters: [filter] }) }))
	};
}

/** What a film of the bag comes to in a light. */
export interface FilmInLight {
	name: string;
	verdict: 'just-enough' | 'usable';
	/** The filter that it takes, where it does not work without or only just. */
	behind?: string;
}

/**
 * The films that work in a light: plain where that is just enough, else behind the weakest filter that makes it so;
 * what is just enough first.
 *
 * @param ev at ISO 100
 */
export function answersInLight(films: readonly FilmInReach[], ev: number): FilmInLight[] {
	const all = films.flatMap(({ film, plain, filtered }): FilmInLight[] => {
		const ways = [plain, ...filtered];
		const good = ways.find((way) => holding(way.good, ev));
		const way = good ?? ways.find(({ usable }) => holding(usable, ev));
		if (!way) return [];
		return [
			{
				name: film.name,
				verdict: good ? 'just-enough' : 'usable',
				...('name' in way ? { behind: way.name as string } : {})
			}
		];
	});
	return all.sort((a, b) => Number(b.verdict === 'just-enough') - Number(a.verdict === 'just-enough'));
}
