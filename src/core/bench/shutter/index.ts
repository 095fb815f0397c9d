import type { Recording } from '../wav';
import { firingsByLight } from './light-trace';
import { medianOf, piecesOf, quietOf } from './pieces';
import { firingsBySound, SOUND_RESOLUTION } from './sound';
import { MOST_FIRINGS, type Firing, type ShutterMeasurement, type TraceKind } from './types';

export type { ShutterMeasurement, TraceKind } from './types';

/** Pieces looked at to tell a light from a sound: those above this part of the energy of the loudest. */
const LOUD = 0.25;
/** s: several swings of a click, and short beside what a light lasts. */
const LOOK = 1e-3;
/** Light stays on one side of the dark: its samples add up; those of a sound cancel. */
const ONE_SIDED = 0.4;

/** Whether a recording is of a light sensor or of a sound. */
function kindOf({ samples, sampleRate }: Recording): TraceKind {
	const pieces = piecesOf(samples, sampleRate, LOOK);
	const { means, size } = pieces;
	const dark = medianOf(quietOf(pieces));
	const swings = Array.from(means, (_, piece) => {
		let [energy, level, swing] = [0, 0, 0];
		for (let at = piece * size; at < (piece + 1) * size; at++) {
			const off = samples[at] - dark;
			energy += off ** 2;
			level += off;
			swing += Math.abs(off);
		}
		return { energy, level, swing };
	});
	const loudest = swings.reduce((most, { energy }) => Math.max(most, energy), 0);
	const loud = swings.filter(({ energy }) => energy >= LOUD * loudest);
	const level = loud.reduce((sum, each) => sum + each.level, 0);
	const swing = loud.reduce((sum, each) => sum + each.swing, 0);
	return Math.abs(level) > ONE_SIDED * swing ? 'light' : 'sound';
}

function spreadOf(firings: readonly Firing[], mean: number, resolution: number): number {
	if (firings.length < 2) return resolution;
	const squares = firings.reduce((sum, { seconds }) => sum + (seconds - mean) ** 2, 0);
	return Math.max(resolution, Math.sqrt(squares / (firings.length - 1)));
}

const CLIPPED = 0.999;
const OFTEN = 3;

function isClipped(samples: Float32Array): boolean {
	let row = 0;
	for (const sample of samples) {
		row = Math.abs(sample) >= CLIPPED ? row + 1 : 0;
		if (row >= OFTEN) return true;
	}
	return false;
}

/** Times shorter than this many steps of the recording are not to be trusted. */
const FEW_STEPS = 8;

function notesOn(
	recording: Recording,
	kind: TraceKind,
	firings: readonly Firing[],
	resolution: number
): string[] {
	const shortest = Math.min(...firings.map(({ seconds }) => seconds));
	const notes: string[] = [];
	if (isClipped(recording.samples)) notes.push('The recording is clipped. Turn the level down.');
	if (firings.length === 0) {
		notes.push(
			kind === 'light'
				? 'No firing stands out from the noise. Use more light, or move closer.'
				: 'No pair of clicks stands out from the noise. Move the microphone closer.'
		);
	} else if (shortest < FEW_STEPS * resolution) {
		notes.push(
			`At ${recording.sampleRate / 1000} kHz ${kind === 'light' ? 'a sensor' : 'a microphone'} can time 1/${Math.round(1 / (FEW_STEPS * resolution))} s and slower; faster speeds are rough.`
		);
	}
	const lengths = firings.map(({ seconds }) => seconds);
	if (firings.length > 1 && Math.max(...lengths) > 2 * shortest) {
		notes.push('The firings differ by more than a stop. Was one a double, or at another speed?');
	}
	return notes;
}

/**
 * Finds the firings of a shutter in a recording.
 *
 * @param kind what was recorded; told from the recording where it is not given
 * @example measureShutter(a trace of 1/60 s at 48 kHz).seconds // 0.0167
 */
export function measureShutter(
	recording: Recording,
	kind: TraceKind = kindOf(recording)
): ShutterMeasurement {
	const { samples, sampleRate } = recording;
	const found = kind === 'light' ? firingsByLight(samples, sampleRate) : firingsBySound(samples, sampleRate);
	// A tone that swells and fades, or a lamp that flickers, can end in a time that is none.
	const sound = found.filter(({ at, seconds }) => seconds > 0 && Number.isFinite(seconds) && at >= 0);
	const firings = sound.slice(0, MOST_FIRINGS);
	const resolution = kind === 'light' ? 1 / sampleRate : SOUND_RESOLUTION;
	const mean = firings.reduce((sum, { seconds }) => sum + seconds / firings.length, 0);
	return {
		kind,
		sampleRate,
		firings,
		seconds: mean,
		sd: firings.length === 0 ? 0 : spreadOf(firings, mean, resolution),
		notes: [
			...notesOn(recording, kind, firings, resolution),
			...(sound.length > MOST_FIRINGS ? [`Only the first ${MOST_FIRINGS} firings are measured.`] : [])
		]
	};
}
