import { afterEach, describe, expect, it, vi } from 'vitest';
import { colourNegative400, fixedCamera } from '../../tests/fixtures/bag';
import { match } from '../core/match';
import { METRIC } from '../core/units';
import type { MatchAnswers } from './match.worker';

const exposed = vi.fn<(what: unknown) => void>();
vi.mock('comlink', () => ({ expose: (what: unknown) => exposed(what) }));

/** What a worker offers to its page. */
async function offeredBy(load: () => Promise<unknown>): Promise<unknown> {
	await load();
	return exposed.mock.calls.at(-1)?.[0];
}

afterEach(() => exposed.mockClear());

describe('a worker', () => {
	it('answers a match as the core does', async () => {
		const offered = (await offeredBy(() => import('./match.worker'))) as MatchAnswers;
		const asked = [fixedCamera(), colourNegative400, { ev: 12 }] as const;
		expect(offered.match(METRIC, ...asked)).toEqual(match(...asked));
		expect(offered.trialWorth(...asked, {}, {}, 8)).toMatchObject({ saved: 0 });
	});

	it('draws prints and scenes, plans, hears clicks and opens recordings', async () => {
		const print = (await offeredBy(() => import('./prints.worker'))) as (
			question: object
		) => Uint8ClampedArray;
		expect(print({ type: 'instant', error: 0, width: 4, height: 3, seed: 1, lens: 'plain' })).toHaveLength(
			48
		);
		expect(await offeredBy(() => import('./scenes.worker'))).toBeTypeOf('function');
		expect(await offeredBy(() => import('./bench.worker'))).toHaveProperty('open');
		const plan = (await offeredBy(() => import('./plan.worker'))) as object;
		expect(Object.keys(plan)).toEqual([
			'planDay',
			'planYear',
			'usesOf',
			'packingOf',
			'oneMoreFor',
			'twoMoreFor'
		]);
		expect(await offeredBy(() => import('./clicks.worker'))).toHaveProperty('clicksIn');
	});

	it('says of a file that is no picture that it is none', async () => {
		const { read } = (await offeredBy(() => import('./photo.worker'))) as {
			read: (bytes: ArrayBuffer) => Promise<unknown>;
		};
		expect(await read(new TextEncoder().encode('no picture at all').buffer as ArrayBuffer)).toBeNull();
	});
});
