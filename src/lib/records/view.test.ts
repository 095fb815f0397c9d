import { stringify } from 'devalue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const heard = new Map<string, Set<() => void>>();
const listening = {
	addEventListener: (name: string, run: () => void) =>
		heard.set(name, (heard.get(name) ?? new Set()).add(run)),
	removeEventListener: (name: string, run: () => void) => heard.get(name)?.delete(run)
};
vi.stubGlobal('addEventListener', listening.addEventListener);
vi.stubGlobal('removeEventListener', listening.removeEventListener);
vi.stubGlobal('document', { ...listening, visibilityState: 'visible' });

/** What is carried here: nothing, or records that a view is made of. */
const here = { records: null as object | null, shown: vi.fn() };
vi.mock('./carried', () => ({
	carried: {
		records: () => Promise.resolve(here.records),
		shown: (...given: unknown[]) => Promise.resolve(here.shown(...given))
	}
}));

const { server } = await import('./reach.svelte');
const { viewOf } = await import('./view');

beforeEach(() => {
	vi.useFakeTimers();
	server.set(false);
	here.records = null;
	here.shown.mockReset().mockReturnValue('as it was carried');
});
afterEach(() => vi.useRealTimers());

const known = () => new Response(stringify({ at: new Date(0) }));
/** A server that answers so, one time after the other; then with what a view shows. */
function answering(...answers: (() => Response | Promise<Response>)[]) {
	const asked: string[] = [];
	const fetch = async (input: string) => {
		const answer = answers[asked.length] ?? known;
		asked.push(input);
		return answer();
	};
	return { asked, view: () => viewOf(fetch as never, 'frames', { load: '1' }) as Promise<unknown> };
}
const noNetwork = () => Promise.reject(new TypeError('no network'));
const said = (message: string, status: number) => () => Response.json({ message }, { status });

describe('what a view shows', () => {
	it('is what the server has now, asked for once', async () => {
		here.records = {};
		const { view, asked } = answering();
		expect(await view()).toEqual({ at: new Date(0) });
		expect(asked).toEqual(['/api/views/frames?load=1']);
		expect(here.shown).not.toHaveBeenCalled();
	});

	it('is waited for where nothing is carried, and the server is said to be away meanwhile', async () => {
		const { view, asked } = answering(noNetwork, noNetwork);
		const away = server.untilAway;
		const shown = view();
		await away;
		expect(server.away).toBe(true);
		await vi.advanceTimersByTimeAsync(10_000);
		expect(await shown).toEqual({ at: new Date(0) });
		expect([asked.length, server.away]).toEqual([3, false]);
	});

	it('is asked for at once when there is a network again', async () => {
		const { view, asked } = answering(noNetwork);
		const shown = view();
		await server.untilAway;
		await vi.advanceTimersByTimeAsync(10);
		for (const run of heard.get('online') ?? []) run();
		await shown;
		expect(asked).toHaveLength(2);
	});

	it('is what is carried where no server of ours answers, and the next view asks no more', async () => {
		here.records = {};
		for (const answer of [
			noNetwork,
			() => new Response('<html>Sign in</html>'),
			() => Response.json({ ok: true })
		]) {
			server.set(false);
			const { view, asked } = answering(answer);
			expect(await view()).toBe('as it was carried');
			expect(server.away).toBe(true);
			expect(await view()).toBe('as it was carried');
			expect(asked).toHaveLength(1);
		}
		expect(here.shown).toHaveBeenCalledWith(here.records, 'frames', 'load=1');
	});

	it('is what is carried where the server is in trouble or late; without that its word, or it is waited for', async () => {
		here.records = {};
		const never = () => new Promise<Response>(() => {});
		expect(await answering(said('in trouble', 503)).view()).toBe('as it was carried');
		expect(server.away).toBe(false);
		const shown = answering(never).view();
		await vi.advanceTimersByTimeAsync(5000);
		expect(await shown).toBe('as it was carried');
		here.records = null;
		server.set(false);
		await expect(answering(said('in trouble', 503)).view()).rejects.toMatchObject({ status: 503 });
		let ended = false;
		void answering(never)
			.view()
			.then(() => (ended = true));
		await vi.advanceTimersByTimeAsync(60_000);
		expect(ended).toBe(false);
	});

	it('is the word of the server where there is no such thing, whatever is carried', async () => {
		here.records = {};
		await expect(answering(said('There is no such load', 404)).view()).rejects.toMatchObject({
			status: 404,
			body: { message: 'There is no such load' }
		});
	});
});
