import { browser } from '$app/environment';
import { NAME_OF_FILE, SHARED } from './shelves';

/** Pictures that another program handed over: the service worker put them here, and they stay until each is dealt with. */

interface SharedPicture {
	address: string;
	file: File;
}

const shelf = () => (browser && 'caches' in globalThis ? caches.open(SHARED) : null);

/** Those that are not dealt with yet, in their order. */
export async function sharedPictures(): Promise<SharedPicture[]> {
	const cache = await shelf();
	if (!cache) return [];
	const found = await Promise.all(
		(await cache.keys()).map(async ({ url }) => {
			const answer = await cache.match(url);
			if (!answer) return [];
			const [name, type] = [NAME_OF_FILE, 'content-type'].map((header) => answer.headers.get(header) ?? '');
			return [{ address: url, file: new File([await answer.blob()], decodeURIComponent(name), { type }) }];
		})
	);
	return found.flat().sort((a, b) => (a.address < b.address ? -1 : 1));
}

/** One of them is dealt with. */
export async function forgetShared({ address }: SharedPicture): Promise<void> {
	await (await shelf())?.delete(address);
}
