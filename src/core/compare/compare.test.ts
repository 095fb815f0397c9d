import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { grey, logOf, simulated } from '../../../tests/fixtures/replayed';
import { sunlight, sunPosition } from '../light';
import { quickMatch } from '../match';
import { typicalSkies } from '../plan';
import { compare, type Held, type Way, type YearOfLight } from '.';

const free = { once: 0, frame: 1 };
const holm: YearOfLight = {
	place: { latitude: 54.62, longitude: -4.21 },
	year: 2026,
	sky: typicalSkies(54.62),
	subject: 'facing'
};
const wrack = filmOf('instant', 640, {
	...losesNothing,
	id: 'wrack',
	latitude: { good: [-0.5, 0.75], usable: [-1, 1.25] }
} as never);
const wedge = { ...foldingInstant({ name: 'Wedge' }), id: 'wedge' };

/** The folding instant with the faster film: as it is, with a filter on the film alone, and with its eye converted. */
const asItIs: Way = { name: 'as it is', camera: wedge, film: wrack, compensation: 0, cost: free };
const filtered: Way = { ...asItIs, name: 'with an ND', filters: [grey(2)], cost: { once: 18, frame: 1 } };
const converted: Way = {
	...asItIs,
	name: 'converted',
	camera: { ...wedge, exposure: { ...wedge.exposure, iso: [640] } as never },
	cost: { once: 95, frame: 1 }
};
const ways = [asItIs, filtered, converted];

describe('the folding instant with the faster film', () => {
	it('is exposed alike by two stops on the pack and by a converted eye, which is four times faster', () => {
		// Source: common practice: ISO 640 in a body built for 160 is two stops too much; a converted eye takes a quarter of the time.
		const { ways: told, alike } = compare(ways, {
			light: { ev: 9, sd: 0.3 },
			intent: { handheld: false }
		});
		expect(told[0].share.good).toBeLessThan(0.15);
		expect(told[1].share.good).toBeGreaterThan(0.5);
		expect(Math.abs(told[1].share.good - told[2].share.good)).toBeLessThan(0.02);
		expect(alike.toSorted()).toEqual([1, 2]);
		expect(told[1].seconds! / told[2].seconds!).toBeCloseTo(4, 1);
	});

	it('is held by hand two stops farther into the dusk', () => {
		const [as, nd, eye] = compare(ways, { light: { ev: 9 } }).ways.map(({ handheldFrom }) => handheldFrom);
		expect(nd! - eye!).toBeCloseTo(2, 0);
		// Two stops too much wherever it is.
		expect(as).toBeNull();
	});

	it('is at its fastest time two stops sooner, so that a summer day is too bright for it', () => {
		// By hand: f/8 at 1/180 s is right for ISO 640 up to EV 10.8, behind two stops up to 12.8.
		const [, nd, eye] = compare(ways, { year: holm }).ways.map(({ hours }) => hours!);
		expect(eye.months[5].usable).toBeLessThan(nd.months[5].usable - 2);
		expect(eye.months[11].usable / eye.months[5].usable).toBeGreaterThan(0.8);
		for (const { handheld, tripod, months } of [nd, eye]) {
			expect(tripod).toBeGreaterThanOrEqual(handheld);
			expect(months).toHaveLength(12);
		}
	});
});

describe('in one light', () => {
	it('shares come out as the normal distribution says', () => {
		const box = fixedCamera({ offset: { stops: 0, sd: 0.3 }, handHold: 1 });
		const film = filmOf('colour-negative', 400, {
			...losesNothing,
			speedSd: 0,
			latitude: { good: [-1, 1.5], usable: [-2, 3] }
		});
		const way: Way = { name: 'box', camera: box, film, cost: free };
		// f/11 at 1/100 s on ISO 400 is right at EV 11.56: at EV 10.56 it is a stop dark, at the edge of what is good.
		const { share } = compare([way], { light: { ev: Math.log2(121 * 100) - 3, sd: 0.5 } }).ways[0];
		expect(share.good).toBeGreaterThan(0.42);
		expect(share.good).toBeLessThan(0.58);
		// Source: tables of the normal distribution: a stop from the edge, with ½, 0.3, a film of 0.3 and a pack of 0.15 beside a judge of 0.2 in doubt.
		expect(share.usable).toBeGreaterThan(0.88);
		expect(share.interval[0]).toBeLessThan(share.good);
		expect(share.interval[1]).toBeGreaterThan(share.good);
	});
});

describe('over a year', () => {
	it('counts the hours that the match says, hour by hour', () => {
		const camera = fixedCamera({
			aperture: { kind: 'fixed', f: 11 },
			shutter: { kind: 'fixed', seconds: 1 / 100 }
		});
		const film = filmOf('colour-negative', 400);
		const year: YearOfLight = { ...holm, sky: 'clear' };
		const { hours } = compare([{ name: 'box', camera, film, cost: free }], { year }).ways[0];
		let [good, usable, all] = [0, 0, 0];
		const byClock = new Map<number, { usable: number; all: number }>();
		// Brute force: the middle of every 20 minutes of the year.
		for (let at = Date.UTC(2026, 0, 1, 0, 10); at < Date.UTC(2027, 0, 1); at += 20 * 60_000) {
			const { altitude } = sunPosition(at, 54.62, -4.21);
			all++;
			const hour = DateTime.fromMillis(at, { zone: 'Europe/London' }).hour;
			const inHour = byClock.get(hour) ?? { usable: 0, all: 0 };
			byClock.set(hour, inHour);
			inHour.all++;
			if (altitude < -8) continue;
			const { best } = quickMatch(camera, film, sunlight(altitude, 'clear', 'facing'), { handheld: true });
			if (best.spoilers.length > 0) continue;
			if (best.verdict === 'just-enough') good++;
			if (best.verdict !== 'just-enough' && best.verdict !== 'usable') continue;
			usable++;
			inHour.usable++;
		}
		expect(hours!.handheld).toBeCloseTo((24 * usable) / all, 1);
		const days = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
		const well = hours!.months.reduce((sum, month, at) => sum + (days[at] * month.good) / 365, 0);
		expect(well).toBeCloseTo((24 * good) / all, 1);
		expect(hours!.clock).toHaveLength(24);
		for (const [hour, inHour] of byClock)
			expect(Math.abs(hours!.clock[hour].usable - inHour.usable / inHour.all)).toBeLessThan(0.02);
	});
});

describe('over one’s own frames', () => {
	it('says of them what became of them, made again by other means', () => {
		let [inside, of] = [0, 0];
		for (let seed = 1; seed <= 12; seed++) {
			const truth = simulated(seed / 50, 24, 'hand');
			const box = { ...truth.cameras.body, id: 'body' };
			const film = { ...truth.films.film, id: 'film' } as never;
			const tried: Way[] = [1, 2].map((stops) => ({
				...{ name: `ND ${stops}`, camera: box, film, cost: free },
				filters: [grey(stops)]
			}));
			const { ways: told } = compare(tried, { log: logOf(truth) });
			for (const [at, { share }] of told.entries()) {
				const really = truth.good(at + 1) / 24;
				of++;
				if (really >= share.interval[0] - 1e-9 && really <= share.interval[1] + 1e-9) inside++;
			}
		}
		// Nine of ten are promised.
		expect(inside / of).toBeGreaterThanOrEqual(0.8);
	}, 30_000);

	it('goes through each frame once for each way, and once more before', () => {
		const log = logOf(simulated(0.3, 6, 'eye'));
		const said: number[] = [];
		const held: Held = { log };
		const eye = { ...log.cameras[0][1].camera, id: 'body' };
		const film = { ...log.films[0][1], id: 'film' };
		compare([{ name: 'as it is', camera: eye, film, cost: free }], held, (done, all) => {
			expect(all).toBe(12);
			said.push(done);
		});
		expect(said).toEqual(said.toSorted((a, b) => a - b));
		expect(said.at(-1)).toBe(11);
	});
});

describe('a flash', () => {
	const flash = { guideNumber: 14, powers: [1, 1 / 4] };
	it('makes frames in a room come out, as far as it reaches', () => {
		const lit: Way = { ...converted, name: 'with flash', flash };
		const room = {
			light: { method: 'place', place: 'home-interior' } as const,
			intent: { subjectDistance: 2 }
		};
		const [without, withIt] = compare([converted, lit], room).ways;
		expect(without.share.usable).toBeLessThan(0.2);
		expect(withIt.share.usable).toBeGreaterThan(0.6);
		// Source: the published law of guide numbers: 14 · √6.4 / 8 = 4.4 m; an edge of usable light lies beyond.
		expect(withIt.flash!.to).toBeGreaterThan(4.4);
		expect(withIt.flash!.to).toBeLessThan(4.4 * Math.SQRT2 * 1.1);
		expect(withIt.typical?.lit).toBe(true);
	});
});
