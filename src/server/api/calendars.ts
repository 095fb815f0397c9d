import { object, string } from 'yup';
import { instant, latitude, longitude, shortText } from '$contract/fields';
import { everything } from '../everything';
import { inThread } from '../heavy/pool';
import { windowCalendar } from '../outings/calendar';
import { store } from '../store';
import { invalid, notFound, onlyAllow } from './answers';
import { asFile } from './file-name';
import { guarded } from './guarded';

const calendar = (text: string, headers: Record<string, string>) =>
	new Response(text, { headers: { 'content-type': 'text/calendar; charset=utf-8', ...headers } });
const named = (name: string) => asFile(name, 'ics', 'calendar');

const carried = () => {
	const { cameras, films } = store();
	return { cameras: everything(cameras), films: everything(films) };
};

const ofOne = guarded(async ({ params }) => {
	const outing = store().outings.get(params.id!.toLowerCase());
	if (!outing) return notFound('outing');
	return calendar(await inThread('calendar', outing, carried(), new Date()), named(outing.name));
});

/** A calendar program asks for it again and again: those of a year ago it has long had. */
const YEAR_MS = 366 * 86_400_000;

const ofAll = guarded(async () => {
	const from = new Date(Date.now() - YEAR_MS).toISOString().slice(0, 10);
	const outings = everything(store().outings).filter(({ date }) => date >= from);
	return calendar(await inThread('calendarFeed', outings, carried(), new Date()), {
		'cache-control': 'no-cache'
	});
});

interface WindowAsked {
	load: string;
	from: string;
	to: string;
	latitude: number;
	longitude: number;
	name?: string;
}

const LONGEST_MS = 2 * 86_400_000;

const ofWindow = guarded<WindowAsked>(
	(_, { load: id, from, to, ...where }) => {
		const { loads, cameras, films } = store();
		const lasts = Date.parse(to) - Date.parse(from);
		if (lasts < 0 || lasts > LONGEST_MS)
			return invalid([{ path: 'to', message: 'must be behind from, by two days at most' }]);
		const load = loads.get(id.toLowerCase());
		if (!load) return notFound('load');
		const [camera, film] = [cameras.get(load.cameraId)!.name, films.get(load.filmId)!.name];
		return calendar(
			windowCalendar(load.id, { from, to, where, camera, film }, new Date()),
			named(`${camera} ${film}`)
		);
	},
	object({
		load: string().uuid().required(),
		from: instant().required(),
		to: instant().required(),
		latitude: latitude().required(),
		longitude: longitude().required(),
		name: shortText()
	})
);

const fallback = onlyAllow('GET');
export const outingCalendar = { GET: ofOne, fallback };
export const outingsFeed = { GET: ofAll, fallback };
export const windowFile = { GET: ofWindow, fallback };
