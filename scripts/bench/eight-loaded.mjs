import { randomUUID } from 'node:crypto';

/**
 * Eight loaded cameras: the demo's, and copies of them.
 *
 * @param {import('@playwright/test').APIRequestContext} api
 */
export async function eightLoaded(api) {
	const all = async (kind) => (await (await api.get(`/api/${kind}`)).json()).items;
	const [films, cameras, loads] = await Promise.all(['films', 'cameras', 'loads'].map(all));
	const loaded = loads.filter((load) => !load.unloadedAt).length;
	for (let number = loaded; number < 8; number++) {
		const copy = { ...cameras[number % cameras.length], name: `Body ${number}`, id: randomUUID() };
		delete copy.version;
		const camera = await (await api.post('/api/cameras', { data: copy })).json();
		const loadedAt = new Date().toISOString();
		await api.post('/api/loads', {
			data: { cameraId: camera.id, filmId: films[0].id, frames: 12, loadedAt }
		});
	}
}
