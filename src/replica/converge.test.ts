import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	answersLost,
	create,
	device,
	edit,
	home,
	newId,
	noDevices,
	placeOn,
	plain,
	remove,
	slip
} from '../../tests/fixtures/apart';
import { draws } from '../../tests/fixtures/few';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { store } from '../server/store';
import type { Replica } from './database';
import { decide, push } from './push';
import { waitingWrites } from './writes';

/** Devices that are apart and together as it comes, drawn at random. */

onTheDemo();

type Edit = { field: 'name' | 'latitude' | 'longitude'; value: number };
type Step = { who: number; id: number; act: 'create' | 'remove' | 'home' | 'lost' | Edit };

/** What three devices do apart, and what must be true of it in the end. */
class Apart {
	readonly ids = Array.from({ length: 4 }, newId);
	readonly kept = new Set<string>();
	readonly deleted = new Set<string>();
	/** Every value that anybody wrote. */
	readonly written = new Set<unknown>(Object.values(slip));
	decided = 0;

	constructor(readonly all: readonly Replica[]) {}

	async take({ who, id: at, act }: Step): Promise<void> {
		const [replica, id] = [this.all[who], this.ids[at]];
		if (act === 'home') return home(replica);
		if (act === 'lost') return void (await push(replica, answersLost));
		const there = await placeOn(replica, id);
		if (act === 'create') {
			if (!there && (await create(replica, id)).result === 'kept') this.kept.add(id);
		} else if (there) await this.change(replica, id, act);
	}

	private async change(replica: Replica, id: string, act: 'remove' | Edit): Promise<void> {
		if (act === 'remove') {
			this.deleted.add(id);
			return void (await remove(replica, id));
		}
		const value = act.field === 'name' ? `Place ${act.value}` : act.value;
		this.written.add(value);
		await edit(replica, id, { [act.field]: value });
	}

	/** Together, as often as it takes: what is asked is decided one way or the other. */
	async together(): Promise<void> {
		for (let round = 0; round < 12; round++)
			for (const replica of this.all) {
				for (const write of await waitingWrites(replica)) {
					expect(write.problem).toBeUndefined();
					if (!write.conflict) continue;
					this.decided += 1;
					await decide(replica, write.n, write.n % 2 === 0 ? 'mine' : 'theirs');
				}
				await home(replica);
			}
	}

	/** The same records everywhere, none lost that nobody deleted, nothing in them that nobody wrote. */
	async look(): Promise<void> {
		for (const replica of this.all) expect(await waitingWrites(replica)).toEqual([]);
		for (const id of this.ids) {
			const there = store().places.get(id);
			for (const replica of this.all) expect(await placeOn(replica, id)).toEqual(there);
			if (this.kept.has(id) && !this.deleted.has(id)) expect(there).toBeDefined();
			for (const value of Object.values(there ? plain(there) : {})) expect(this.written).toContain(value);
		}
	}
}

describe('three devices that are apart and together as it comes', () => {
	it('have the same records in the end, and lose none that nobody deleted', async () => {
		const who = fc.integer({ min: 0, max: 2 });
		const id = fc.integer({ min: 0, max: 3 });
		const act = fc.oneof(
			fc.constantFrom(
				'create' as const,
				'remove' as const,
				'home' as const,
				'home' as const,
				'lost' as const
			),
			fc.record({
				field: fc.constantFrom('name' as const, 'latitude' as const, 'longitude' as const),
				value: fc.integer({ min: 1, max: 80 })
			})
		);
		const steps = fc.array(fc.record({ who, id, act }), { minLength: 4, maxLength: 30 });
		let decided = 0;
		await fc.assert(
			fc.asyncProperty(steps, async (steps) => {
				const apart = new Apart(await Promise.all([device(), device(), device()]));
				for (const step of steps) await apart.take(step);
				await apart.together();
				await apart.look();
				decided += apart.decided;
				for (const id of apart.ids) store().places.remove(id);
				await noDevices();
			}),
			{ numRuns: draws(60) }
		);
		// Both sides of a field are met often enough for this to say something of it.
		expect(decided).toBeGreaterThan(0);
	});
});
