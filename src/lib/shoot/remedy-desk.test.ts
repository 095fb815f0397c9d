import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const { answer } = vi.hoisted(() => ({
	answer: { give: async (_: unknown): Promise<unknown> => ({ remedies: [] }) }
}));
vi.mock('comlink', () => ({
	wrap: () => ({ match: (_: unknown, question: unknown) => answer.give(question) })
}));
vi.stubGlobal(
	'Worker',
	class {
		terminate() {}
	}
);
vi.spyOn(console, 'error').mockImplementation(() => undefined);

const { RemedyDesk } = await import('./remedy-desk.svelte');

const asked = (name: string) => [name] as never;
const PAUSE = 150;

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

function opened() {
	const desk = new RemedyDesk();
	desk.open();
	return desk;
}

describe('the desk of remedies', () => {
	it('answers the last of several questions', async () => {
		const seen: unknown[] = [];
		answer.give = async (question) => {
			seen.push(question);
			return { remedies: [question] };
		};
		const desk = opened();
		for (const name of ['a', 'b', 'c']) desk.ask(asked(name));
		expect(desk.behind).toBe(true);
		await vi.advanceTimersByTimeAsync(PAUSE);
		expect(seen).toEqual(['c']);
		expect([desk.remedies, desk.behind, desk.failed]).toEqual([['c'], false, false]);
	});

	it('leaves no old remedies where the worker fell over the question, and answers the next', async () => {
		answer.give = async (question) => {
			if (question === 'bad') throw new Error('no');
			return { remedies: [question] };
		};
		const desk = opened();
		desk.ask(asked('good'));
		await vi.advanceTimersByTimeAsync(PAUSE);
		desk.ask(asked('bad'));
		await vi.advanceTimersByTimeAsync(PAUSE);
		expect([desk.remedies, desk.behind, desk.failed]).toEqual([[], false, true]);
		desk.ask(asked('better'));
		await vi.advanceTimersByTimeAsync(PAUSE);
		expect([desk.remedies, desk.behind, desk.failed]).toEqual([['better'], false, false]);
	});

	it('has nothing where nothing is asked', async () => {
		answer.give = async () => ({ remedies: ['x'] });
		const desk = opened();
		desk.ask(asked('a'));
		await vi.advanceTimersByTimeAsync(PAUSE);
		desk.ask(null);
		expect([desk.remedies, desk.behind]).toEqual([[], false]);
	});
});
