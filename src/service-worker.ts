/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { FIELD, NAME_OF_FILE, PICTURES, SHARED, TOWNS } from './lib/records/shelves';

/**
 * What opens the program where there is no server: all of its files, kept under its version. A new version is kept
 * beside the old one, and takes its place when the person says so, or when no page is open any more.
 */

declare const self: ServiceWorkerGlobalScope;

const KEPT = `just-enough-${version}`;
/** Small pictures that were seen stay, so many of them; those that were seen first go first. */
const MOST_PICTURES = 600;
/** Pictures that only who installs the program looks at. */
const isForInstallers = (file: string) => file.startsWith('/screens/');
/** The frame in which every view is put together. */
const FRAME = '/shell';

/** Static routing, where the browser has it: https://www.w3.org/TR/service-workers/#service-worker-router. */
interface Router {
	addRoutes?: (rules: { condition: { urlPattern: string }; source: string }[]) => Promise<void>;
}

/**
 * What is asked of the server is no business of the worker's but for small pictures. Where the browser can, it goes
 * past it: a worker that is busy with what passes through it is not let go, and a new version would wait behind it.
 */
function passBy(event: ExtendableEvent & Router): void {
	const rules = [
		{ condition: { urlPattern: '/api/pictures/*/thumbnail' }, source: 'fetch-event' },
		{ condition: { urlPattern: '/api/*' }, source: 'network' }
	];
	if (event.addRoutes) event.waitUntil(event.addRoutes(rules));
}

self.addEventListener('install', (event) => {
	const all = [...build, ...files.filter((file) => !isForInstallers(file)), FRAME];
	event.waitUntil(caches.open(KEPT).then((cache) => cache.addAll(all)));
	passBy(event);
});

async function forgetOthers(): Promise<void> {
	for (const name of await caches.keys()) {
		if (name.startsWith('just-enough-') && ![KEPT, PICTURES, SHARED, TOWNS].includes(name))
			await caches.delete(name);
	}
	await self.clients.claim();
}
self.addEventListener('activate', (event) => event.waitUntil(forgetOthers()));

/** The page asks for the new version, where the person does. */
self.addEventListener('message', ({ data }) => {
	if (data === 'take over') void self.skipWaiting();
});

/** By these one comes in: they are the server's alone. */
const WAYS_IN = ['/sign-in', '/pair', '/join', '/begin'];
/** Whatever view an address is of, it is put together in the same frame. */
const isView = ({ mode }: Request, { pathname }: URL) =>
	mode === 'navigate' && !pathname.startsWith('/api/') && !WAYS_IN.includes(pathname);
const isSmallPicture = ({ pathname }: URL) => /^[/]api[/]pictures[/][^/]+[/]thumbnail$/.test(pathname);

async function ofTheProgram(path: string, request: Request): Promise<Response> {
	const cache = await caches.open(KEPT);
	return (await cache.match(path)) ?? fetch(request);
}

/** A picture never changes under its id: the one that was seen is the one. */
async function pictureOf(request: Request): Promise<Response> {
	const cache = await caches.open(PICTURES);
	const seen = await cache.match(request.url);
	if (seen) return seen;
	const answer = await fetch(request);
	if (answer.ok) {
		await cache.put(request.url, answer.clone());
		const all = await cache.keys();
		for (const old of all.slice(0, Math.max(0, all.length - MOST_PICTURES))) await cache.delete(old);
	}
	return answer;
}

/** Where another program hands pictures over, as the manifest says. */
const HANDED_OVER = '/shared';

/** Keeps what was handed over until the person says what it is: the view that asks is opened. */
async function takeShared(request: Request): Promise<Response> {
	const cache = await caches.open(SHARED);
	const handed = (await request.formData()).getAll(FIELD);
	const now = Date.now();
	await Promise.all(
		handed.map(async (file, at) => {
			if (!(file instanceof File) || file.size === 0) return;
			const headers = { 'content-type': file.type, [NAME_OF_FILE]: encodeURIComponent(file.name) };
			await cache.put(
				`${HANDED_OVER}?at=${now}-${String(at).padStart(3, '0')}`,
				new Response(file, { headers })
			);
		})
	);
	return Response.redirect(HANDED_OVER, 303);
}

const kept = new Set([...build, ...files]);

self.addEventListener('fetch', (event) => {
	const { request } = event;
	const address = new URL(request.url);
	if (address.origin !== self.location.origin) return;
	if (request.method === 'POST' && address.pathname === HANDED_OVER) event.respondWith(takeShared(request));
	if (request.method !== 'GET') return;
	if (isView(request, address)) event.respondWith(ofTheProgram(FRAME, request));
	else if (kept.has(address.pathname)) event.respondWith(ofTheProgram(address.pathname, request));
	else if (isSmallPicture(address)) event.respondWith(pictureOf(request));
});
