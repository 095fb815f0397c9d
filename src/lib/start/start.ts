import { v4 as uuid } from 'uuid';
import { takenBy, type CameraKind } from '$core/camera';
import { goesInto, type Film, type FilmType } from '$core/film';
import { resolveLight, type ShadowsReading } from '$core/light';
import { untrainedDoubt } from '$core/practice';
import { filmTypeInShort } from '$words';
import { typicalLoad } from '$lib/bag/takes';
import { create } from '$lib/records/client';

/** What shadows look like, by their edge. */
export type ShadowEdge = Extract<ShadowsReading, { school: 'shadow-edge' }>['condition'];

/** A first reading, by an eye that has never practised. */
function firstReading(condition: ShadowEdge) {
	const light: ShadowsReading = { method: 'shadows', school: 'shadow-edge', condition };
	return {
		takenAt: new Date().toISOString(),
		light: { ...light, sd: untrainedDoubt(resolveLight(light).sd, 0) }
	};
}

/** The first camera, its film and the load, from a kind and the number on the box. */
export interface FirstBag {
	kind: CameraKind;
	filmType: FilmType;
	iso: number;
	/** What the shadows look like, where that was said. */
	condition: ShadowEdge | null;
	/** Made once, so that trying again cannot make a second camera. */
	ids: { camera: string; film: string; load: string; reading: string };
}

export const newIds = () => ({ camera: uuid(), film: uuid(), load: uuid(), reading: uuid() });

/**
 * Stores a first camera with a film in it, and the light where it was said.
 *
 * @returns an empty text, or what went wrong
 */
export async function storeFirstBag({ kind, filmType, iso, condition, ids }: FirstBag): Promise<string> {
	const camera = { name: kind.name, kind: kind.id, ...kind.camera };
	const { format, type } = takenBy(camera);
	const plain: Film = { name: `${filmTypeInShort[filmType]} ${iso}`, type: filmType, iso };
	const film = format && goesInto(plain, { type }) ? { ...plain, format } : plain;
	const load = {
		cameraId: ids.camera,
		filmId: ids.film,
		loadedAt: new Date().toISOString(),
		...typicalLoad(camera)
	};
	for (const write of [
		() => create('cameras', ids.camera, camera),
		() => create('films', ids.film, film),
		() => create('loads', ids.load, load),
		...(condition ? [() => create('readings', ids.reading, firstReading(condition))] : [])
	]) {
		const { result, ...rest } = await write();
		if (result === 'unreachable') return 'Not saved: the server isn’t answering. Try again in a moment.';
		if (result === 'invalid' && 'issues' in rest)
			return rest.issues.map(({ path, message }) => `${path} ${message}`).join('; ');
		if (result !== 'saved') return 'Not saved.';
	}
	return '';
}
