import { automaticExposure, takenBy, wheelPositions } from '$core/camera';
import { formatStops } from '$core/units';
import { rivalReadings, type Otherwise, type Saving } from '$core/whatif';
import type { CameraRecord, FilmRecord, GearRecord } from '$contract/records';
import { capital, readingNamed } from '$words';

import { filtersToTry } from '$lib/bag/filters-to-try';
import { filmsThatFit } from '$lib/bag/takes';

import type { KeptLog } from '$views/learn/log';

type Kept<R> = R & { id: string };

/** What may take the place of what was used. */
export interface WhatIfBag {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
	gear: Kept<GearRecord>[];
}

/** One thing that can be done otherwise to a whole log, as it is offered and as a sentence begins. */
export interface Offer {
	id: string;
	/** Under which heading it stands. */
	group: string;
	name: string;
	said: string;
	change: Otherwise;
}

const PUSHES = [-1, 1];

/** What was used most in a log: its last camera and film. */
const lastOf = ({ frames }: KeptLog) => frames.at(-1)!.making;

const filterOffers = ({ gear }: WhatIfBag): Offer[] => [
	{ id: 'no filter', group: 'Filter', name: 'No filter', said: 'With no filter', change: { filters: [] } },
	...filtersToTry(gear).map(({ filter }) => ({
		id: `filter ${filter.name}`,
		group: 'Filter',
		name: capital(filter.name),
		said: `With ${filter.name}`,
		change: { filters: [filter] }
	}))
];

function wheelOffers(log: KeptLog): Offer[] {
	const wheel = automaticExposure(lastOf(log).camera)?.compensation;
	if (!wheel) return [];
	return wheelPositions(wheel).map((place) => {
		const name =
			place === 0 ? 'in the middle' : `${formatStops(place)} toward ${place < 0 ? 'darken' : 'lighten'}`;
		return {
			id: `wheel ${place}`,
			group: 'Wheel',
			name: capital(name),
			said: `With the wheel ${name}`,
			change: { compensation: place }
		};
	});
}

const filmOffers = (log: KeptLog, { films }: WhatIfBag): Offer[] =>
	filmsThatFit(films, takenBy(lastOf(log).camera, lastOf(log).film))
		.filter(({ id }) => id !== lastOf(log).of.film)
		.map((film) => ({
			id: `film ${film.id}`,
			group: 'Film',
			name: film.name,
			said: `With ${film.name}`,
			change: { film }
		}));

/** What each reading said alone, where frames were set by several. */
function readingOffers({ frames }: KeptLog): Offer[] {
	const rivals = new Map(
		frames.flatMap(({ making }) => rivalReadings(making.light).map(({ key, light }) => [key, light]))
	);
	return [...rivals].map(([reading, light]) => ({
		id: `reading ${reading}`,
		group: 'Reading',
		name: `By ${readingNamed(light)} alone`,
		said: `Set by ${readingNamed(light)} alone`,
		change: { reading }
	}));
}

const cameraOffers = (log: KeptLog, { cameras, films }: WhatIfBag): Offer[] =>
	cameras
		.filter(({ id }) => id !== lastOf(log).of.camera)
		.filter((camera) =>
			filmsThatFit(films, takenBy(camera, lastOf(log).film)).some(({ id }) => id === lastOf(log).of.film)
		)
		.map((camera) => ({
			id: `camera ${camera.id}`,
			group: 'Camera',
			name: camera.name,
			said: `In ${camera.name}`,
			change: { camera }
		}));

/** Everything that can be done otherwise to a log, one thing at a time. */
export function offersFor(log: KeptLog, bag: WhatIfBag): Offer[] {
	if (log.frames.length === 0) return [];
	return [
		...filterOffers(bag),
		...wheelOffers(log),
		...filmOffers(log, bag),
		...PUSHES.map((stops) => ({
			id: `development ${stops}`,
			group: 'Development',
			name: stops > 0 ? 'Pushed 1 stop' : 'Pulled 1 stop',
			said: `Developed ${stops > 0 ? 'a stop longer' : 'a stop shorter'}`,
			change: { development: stops }
		})),
		...cameraOffers(log, bag),
		...readingOffers(log),
		{
			id: 'learnt',
			group: 'Setting',
			name: 'Set by what your frames have taught',
			said: 'Set by what your frames have taught',
			change: { learnt: true }
		},
		{
			id: 'untaught',
			group: 'Setting',
			name: 'Set as if they had taught nothing',
			said: 'Set by the reading alone',
			change: { learnt: false }
		}
	];
}

/** The offer that is the same change as what would have saved frames; null where there is none, as of two changes. */
export function offerOf(offers: readonly Offer[], { change, and }: Saving): Offer | null {
	if (and) return null;
	const { kind, id, name, to, off } = change;
	const found = {
		compensation: () => offers.find((offer) => offer.change.compensation === to),
		filter: () =>
			off
				? offers.find((offer) => offer.id === 'no filter')
				: offers.find(({ change: { filters } }) =>
						filters?.some((each) => (id ? each.id === id : each.name === name || (!id && each.stops === to)))
					),
		film: () => offers.find((offer) => id !== undefined && offer.change.film?.id === id)
	};
	return (Object.hasOwn(found, kind) && found[kind as keyof typeof found]()) || null;
}
