import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

vi.stubGlobal('location', new URL('http://here.example/bag'));
const heard = new Map<string, Set<() => void>>();
vi.stubGlobal('addEventListener', (name: string, run: () => void) =>
	heard.set(name, (heard.get(name) ?? new Set()).add(run))
);
vi.stubGlobal('removeEventListener', (name: string, run: () => void) => heard.get(name)?.delete(run));

const { patientFetch, server } = await import('./patient-fetch.svelte');
const DATA = '/api/views/frames?load=1';

beforeEach(() => {
	vi.useFakeTimers();
	server.set(false);
});
afterEach(() => vi.useRealTimers());

/** A network that fails so many times. */
function failing(times: number) {
	const asked: unknown[] = [];
	const fetch = async (input: unknown) => {
		asked.push(input);
		if (asked.length <= times) throw new TypeError('no network');
		return new Response('{}');
	};
	return { asked, fetch: patientFetch(fetch as never) };
}

describe('a patient fetch', () => {
	it('waits for the server with the records of a page, and says meanwhile that it is away', async () => {
		const { fetch, asked } = failing(2);
		const away = server.untilAway;
		const answer = fetch(DATA);
		await away;
		expect(server.away).toBe(true);
		await vi.advanceTimersByTimeAsync(10_000);
		expect((await answer).ok).toBe(true);
		expect([asked.length, server.away]).toEqual([3, false]);
	});

	it('tries at once when there is a network again', async () => {
		const { fetch, asked } = failing(1);
		const answer = fetch(DATA);
		await server.untilAway;
		for (const run of heard.get('online') ?? []) run();
		await answer;
		expect(asked).toHaveLength(2);
	});

	it('leaves everything else to fail as it does', async () => {
		for (const address of ['/api/frames', 'http://elsewhere.example/api/views/frames']) {
			const { fetch, asked } = failing(1);
			await expect(fetch(address)).rejects.toThrow('no network');
			expect(asked).toHaveLength(1);
		}
	});

	it('ends where it is given up', async () => {
		const { fetch } = failing(5);
		await expect(fetch(DATA, { signal: AbortSignal.abort() })).rejects.toThrow('no network');
	});
});
