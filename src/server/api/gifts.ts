import { json } from '@sveltejs/kit';
import { v5 } from 'uuid';
import { giftOf, giftTakenSchema, takenIn, type Gift, type GiftTaken } from '$contract/camera-gift';
import { version } from '$contract/version';
import { bodyOf } from '$views/learn/learnt';
import { store } from '../store';
import { viewRecords } from '../views/records';
import { allTogether, NotAll } from './all-together';
import { invalid, notFound, onlyAllow, problem, stale } from './answers';
import { asFile } from './file-name';
import { codeSvg } from './codes';
import { guarded } from './guarded';
import { readChecked } from './read-json';

/** Cameras that are given away, and taken in. */

/** What a QR code of the largest size holds with the least correction, bytes. Source: ISO/IEC 18004, version 40-L. */
const MOST_IN_CODE = 2953;

async function giftFor(id: string): Promise<Gift | null> {
	const { cameras, measurements } = store();
	const camera = cameras.get(id.toLowerCase());
	if (!camera) return null;
	const found = measurements.where('camera_id', camera.id);
	return giftOf(camera, await bodyOf(viewRecords(), camera), found, {
		at: new Date().toISOString(),
		program: version
	});
}

const file = guarded(async ({ params }) => {
	const gift = await giftFor(params.id!);
	if (!gift) return notFound('camera');
	return new Response(`${JSON.stringify(gift, null, '\t')}\n`, {
		headers: { 'content-type': 'application/json', ...asFile(gift.camera.name, 'camera.json', 'camera') }
	});
});

const code = guarded(async ({ params }) => {
	const gift = await giftFor(params.id!);
	if (!gift) return notFound('camera');
	const text = JSON.stringify(gift);
	if (Buffer.byteLength(text) > MOST_IN_CODE)
		return problem(422, 'There’s more to this camera than a QR code can hold. Use the file.');
	const svg = await codeSvg([{ data: Buffer.from(text), mode: 'byte' }], {
		errorCorrectionLevel: 'L',
		margin: 4
	});
	return new Response(svg, {
		headers: {
			'content-type': 'image/svg+xml; charset=utf-8',
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'"
		}
	});
});

/** Writes the camera of a gift; the same one again is harmless. */
function writeCamera({ gift, instead, id, another = false }: GiftTaken) {
	const { cameras } = store();
	if (!instead) {
		const made = cameras.create(id!.toLowerCase(), takenIn(gift, another));
		if (made.result === 'created' || made.result === 'same') return made.record;
		throw new NotAll(
			made.result === 'invalid' ? invalid(made.issues) : stale('Another camera has this id', made.record)
		);
	}
	const here = cameras.get(instead.id.toLowerCase());
	if (!here) throw new NotAll(notFound('camera'));
	const written = cameras.replace(here.id, instead.version, takenIn(gift, another, here));
	if (written.result === 'replaced') return written.record;
	throw new NotAll(
		written.result === 'stale'
			? stale('This camera was changed elsewhere since you read it', written.record)
			: notFound('camera')
	);
}

function writeMeasurements({ measurements: given }: Gift, cameraId: string): void {
	const { measurements } = store();
	for (const { id, measurement } of given) {
		const there = measurements.get(id.toLowerCase());
		// Of a camera that is here twice each has its own.
		const own = there && there.cameraId !== cameraId ? v5(id.toLowerCase(), cameraId) : id.toLowerCase();
		const made = measurements.create(own, { ...measurement, cameraId });
		if (made.result === 'invalid') throw new NotAll(invalid(made.issues));
	}
}

const take = guarded(async ({ request }) => {
	const read = await readChecked(request, giftTakenSchema);
	if ('answer' in read) return read.answer;
	const taken = read.asked as unknown as GiftTaken;
	return allTogether(() => {
		const camera = writeCamera(taken);
		writeMeasurements(taken.gift, camera.id);
		return json(camera);
	});
});

export const giftHandlers = { GET: file, fallback: onlyAllow('GET') };
export const giftCodeHandlers = { GET: code, fallback: onlyAllow('GET') };
export const giftTakenHandlers = { POST: take, fallback: onlyAllow('POST') };
