import type { Component } from 'svelte';

/**
 * Parts of a view that are not seen until they are asked for: their code is fetched then, so that what is seen first is
 * there sooner.
 */

/** A part whose code comes when it is first shown. */
export type Later<Props extends object> = () => Promise<{ default: Component<Props> }>;

const all: (() => Promise<unknown>)[] = [];

/**
 * Says how a part is fetched.
 *
 * @example const sheet = later(() => import('./Sheet.svelte')); // <Later part={sheet} given={{ … }} />
 */
export function later<Part>(load: () => Promise<Part>): () => Promise<Part> {
	all.push(load);
	return load;
}

/** What is seen first comes first, ms. */
const FIRST_MS = 4000;

const fetchAll = () => Promise.allSettled(all.map((load) => load()));

/**
 * Where nothing keeps the program in this browser (plain http, or it was never opened over https), the parts are
 * fetched while the server is there: a page that stays open works on without it.
 *
 * @returns ends it
 */
export function fetchLater(): () => void {
	const timer = setTimeout(() => {
		void (async () => {
			const registration = await navigator.serviceWorker?.getRegistration();
			if (registration) return;
			await fetchAll();
		})();
	}, FIRST_MS);
	return () => clearTimeout(timer);
}
