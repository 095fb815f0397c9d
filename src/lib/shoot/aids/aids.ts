import { resolveLight } from '$core/light';
import { FALLS, fallOf } from '$core/night';
import { later, type Later } from '$lib/parts/later';
import type { Loaded } from '../bag';
import type { ShootState } from '../shoot-state.svelte';
import { flashesFor } from '../wishes';

export interface AidProps {
	shoot: ShootState;
	loaded: Loaded;
	/** Closes the aid. */
	done: () => void;
}

/** Help with a hard situation: what its button says, and when it is needed. */
export interface Aid {
	id: string;
	name: string;
	needed: (shoot: ShootState, loaded: Loaded) => boolean;
	panel: Later<AidProps>;
}

/** From here on a time is long, s. */
const LONG = 1 / 2;
/** Light of an ordinary day; common practice. */
const DAYLIGHT = 12;
/** Light of lit rooms and lamps; common practice. */
const LAMPLIGHT = 11;

/** The sun goes, and the light with it. */
function isDusk({ lights }: ShootState): boolean {
	const { where, now, resolved } = lights;
	return where !== undefined && resolved !== null && resolved.ev < DAYLIGHT && fallOf({ now, where }) > FALLS;
}

function isNight(shoot: ShootState, { camera }: Loaded): boolean {
	const { asItIs } = shoot.answers;
	if (!asItIs || camera.framesPerSecond !== undefined) return false;
	if (isDusk(shoot)) return true;
	const { seconds, verdict, clamped, handTimed } = asItIs;
	return seconds >= LONG || handTimed || verdict === 'too-dark' || clamped === 'slowest';
}

function isLamplight({ lights: { light } }: ShootState): boolean {
	if (!light) return false;
	return ('method' in light && light.method === 'lamp') || resolveLight(light).ev < LAMPLIGHT;
}

/** Every aid; a new one is its own file and one entry here. */
export const aids: readonly Aid[] = [
	{
		id: 'shots',
		name: 'Shots',
		needed: (_, { load }) => load.spool !== undefined,
		panel: later(() => import('./CineAid.svelte'))
	},
	{ id: 'night', name: 'Night', needed: isNight, panel: later(() => import('./NightAid.svelte')) },
	{
		id: 'flash',
		name: 'Flash',
		needed: ({ answers: { gear } }, { camera }) =>
			camera.framesPerSecond === undefined && flashesFor(gear, camera).length > 0,
		panel: later(() => import('./FlashAid.svelte'))
	},
	{ id: 'lamp', name: 'Lamp', needed: isLamplight, panel: later(() => import('./LampAid.svelte')) },
	{ id: 'sharp', name: 'Sharp zone', needed: () => true, panel: later(() => import('./SharpAid.svelte')) }
];
