import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { PackQuestion } from '$core/plan';

/** What stands in for the worker: its answers, or what it throws. */
const { work } = vi.hoisted(() => ({ work: {} as Record<string, (...asked: never[]) => unknown> }));
vi.mock('./plan-worker', () => ({
	openPlanWorker: () => ({
		work: new Proxy(
			{},
			{
				get:
					(_, name: string) =>
					async (...asked: never[]) =>
						work[name](...asked)
			}
		),
		close: () => undefined
	})
}));
vi.spyOn(console, 'error').mockImplementation(() => undefined);

const { PlanDesk } = await import('./plan-desk.svelte');
const { PackDesk } = await import('./pack-desk.svelte');

beforeEach(() => {
	for (const name of Object.keys(work)) delete work[name];
});

describe('a desk of plans', () => {
	const desk = () => {
		const made = new PlanDesk<number, number>(
			(worker, question) => worker.planDay(question as never) as never
		);
		made.open();
		return made;
	};

	it('gives what the worker found, by question', async () => {
		work.planDay = (question: number) => question * 2;
		const plans = desk();
		await plans.ask([
			{ id: 'a', question: 1 },
			{ id: 'b', question: 2 }
		]);
		expect(plans.plans).toEqual({ a: 2, b: 4 });
		expect([plans.left, plans.failed]).toEqual([0, false]);
	});

	it('is not busy for ever where the worker fell over one question, and says so', async () => {
		work.planDay = (question: number) => {
			if (question === 1) throw new Error('no such sky');
			return question;
		};
		const plans = desk();
		await plans.ask([
			{ id: 'a', question: 1 },
			{ id: 'b', question: 2 }
		]);
		expect(plans.plans).toEqual({ b: 2 });
		expect([plans.left, plans.failed]).toEqual([0, true]);
		await plans.ask([{ id: 'b', question: 2 }]);
		expect(plans.failed).toBe(false);
	});

	it('gives up older questions for newer ones', async () => {
		let release = (_: number) => {};
		work.planDay = (question: number) =>
			question === 1 ? new Promise((resolve) => (release = resolve)) : question;
		const plans = desk();
		const old = plans.ask([{ id: 'old', question: 1 }]);
		await plans.ask([{ id: 'new', question: 2 }]);
		release(1);
		await old;
		expect(plans.plans).toEqual({ new: 2 });
	});
});

describe('a desk that packs', () => {
	const question = { scenes: [{}, {}] } as unknown as PackQuestion;

	it('goes scene by scene and gives the packing', async () => {
		work.usesOf = () => [];
		work.packingOf = () => ({ uses: [{}, {}] });
		const desk = new PackDesk();
		await desk.pack(question);
		expect(desk.packed).toMatchObject({ packing: { uses: [{}, {}] }, more: [] });
		expect([desk.progress, desk.failed]).toEqual([null, false]);
	});

	it('asks what one thing more would cover where a scene stays open, and two for what that leaves', async () => {
		work.usesOf = () => [];
		work.packingOf = () => ({ uses: [null, {}, null] });
		const support = { kind: 'support' } as const;
		work.oneMoreFor = (_: unknown, open: number[]) => [{ extra: support, scenes: open.slice(0, 1) }];
		work.twoMoreFor = (_: unknown, rest: number[]) => [{ extras: [support, support], scenes: rest }];
		const desk = new PackDesk();
		await desk.pack(question);
		expect(desk.packed?.more).toEqual([{ extra: support, scenes: [0] }]);
		expect(desk.packed?.two).toEqual([{ extras: [support, support], scenes: [2] }]);
	});

	it('ends and says so where the worker fell over it', async () => {
		work.usesOf = () => {
			throw new Error('no such film');
		};
		const desk = new PackDesk();
		await desk.pack(question);
		expect([desk.packed, desk.progress, desk.failed]).toEqual([null, null, true]);
		work.usesOf = () => [];
		work.packingOf = () => ({ uses: [] });
		await desk.pack(question);
		expect(desk.failed).toBe(false);
	});

	it('ends when it is given up, whatever the worker does', async () => {
		work.usesOf = () => new Promise(() => {});
		const desk = new PackDesk();
		const packing = desk.pack(question);
		desk.stop();
		await packing;
		expect([desk.packed, desk.progress, desk.failed]).toEqual([null, null, false]);
	});
});
