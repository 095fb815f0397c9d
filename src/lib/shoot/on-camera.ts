import type { Camera } from '$core/camera';
import { wishProblems, type Intent } from '$core/match';
import { formatAperture, formatTime } from '$core/units';
import { wheelInWords } from '$words';
import { filtersOf } from '$contract/own-filters';
import type { GearRecord } from '$contract/records';
import type { Rig } from '$contract/rigs';
import type { Kept } from '$lib/records/client';
import { flashesFor, freeCamera, intentOf, type CameraWishes } from './wishes';

/** What is on a camera: as it is kept, and as the view works with it. */

type Settings = Pick<
	Rig,
	'position' | 'aperture' | 'seconds' | 'handTimed' | 'manual' | 'compensation' | 'iso'
>;

/** Only what is said. */
const said = <T extends object>(all: T): T =>
	Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as T;

/** What of a rig its camera still has: it may have been described anew since. */
function settingsOn(camera: Camera, rig: Rig): Settings {
	const { position, aperture, seconds, handTimed, manual, compensation, iso } = rig;
	const settings = said({ position, aperture, seconds, handTimed, manual, compensation, iso });
	const problems = wishProblems(camera, settings);
	if (problems.length === 0) return settings;
	const bad = new Set(problems.map(({ path }) => path.replace('intent.', '')));
	return Object.fromEntries(Object.entries(settings).filter(([name]) => !bad.has(name)));
}

/** The close-up lenses of a bag. */
export const closeUpsOf = (gear: readonly Kept<GearRecord>[]) =>
	gear.flatMap((piece) =>
		piece.type === 'close-up' ? [{ id: piece.id, name: piece.name, dioptres: piece.dioptres }] : []
	);

/**
 * What is on a camera, from what is kept of it. What is not in the bag any more is not on it.
 *
 * @returns freeCamera itself where nothing is set
 */
export function wishesFrom(rig: Rig, camera: Camera, gear: readonly Kept<GearRecord>[]): CameraWishes {
	if (Object.keys(rig).length === 0) return freeCamera;
	const all = filtersOf(gear);
	const filters = (rig.filters ?? []).flatMap((id) => all.find((filter) => filter.id === id) ?? []);
	const closeUp = closeUpsOf(gear).find(({ id }) => id === rig.closeUp);
	const { flash, meterDifference = 0, meterSd, support = false } = rig;
	return {
		...settingsOn(camera, rig),
		filters,
		meterDifference,
		...said({ meterSd, closeUp }),
		support,
		flash: Boolean(flash),
		...(flash ? { flashed: flash } : {})
	};
}

/** What is kept of what is on a camera: things by their ids, and nothing of what is free. */
export function rigFrom(own: CameraWishes, camera: Camera, gear: readonly Kept<GearRecord>[]): Rig {
	const { position, aperture, seconds, handTimed, manual, compensation, iso } = own;
	const { filters, meterDifference, meterSd, closeUp, flash, flashed, support } = own;
	const id = flashed?.id ?? flashesFor(gear, camera)[0]?.id;
	return said<Rig>({
		position,
		aperture,
		seconds,
		handTimed,
		manual,
		compensation,
		iso,
		filters: filters.length > 0 ? filters.flatMap((filter) => filter.id ?? []) : undefined,
		flash: flash && id ? said({ ...flashed, id }) : undefined,
		closeUp: closeUp?.id,
		support: support || undefined,
		meterDifference: meterDifference || undefined,
		meterSd
	});
}

/** What is fixed and mounted on a camera, for whatever else is asked of it: how it is held is not. */
export function fixedOn(own: CameraWishes): Intent {
	const { handheld: _, ...fixed } = intentOf({}, own);
	return fixed;
}

/**
 * What is fixed and mounted on a camera, in a few words.
 *
 * @returns an empty text where nothing is
 * @example fixedInWords({ …, aperture: 8, filters: [ND 0.6] }) // 'f/8, ND 0.6'
 */
export function fixedInWords(own: CameraWishes): string {
	const { position, aperture, seconds, handTimed, manual, compensation, iso, filters, closeUp } = own;
	return [
		position,
		aperture === undefined ? undefined : formatAperture(aperture),
		seconds === undefined ? undefined : formatTime(seconds),
		handTimed ? 'B' : undefined,
		manual ? 'eye switched off' : undefined,
		compensation === undefined ? undefined : `wheel ${wheelInWords(compensation)}`,
		iso === undefined ? undefined : `dial at ISO ${iso}`,
		...filters.map(({ name }) => name),
		closeUp?.name
	]
		.filter((part) => part !== undefined)
		.join(', ');
}
