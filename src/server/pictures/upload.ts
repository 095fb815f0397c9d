import { json } from '@sveltejs/kit';
import { create } from 'content-disposition';
import { object, string } from 'yup';
import { DEFAULT_ITEMS, pageFields } from '$contract/lists';
import { MOST_PICTURE_BYTES, type PictureOwner, type PictureRecord } from '$contract/pictures';
import { invalid, NO_PAGE, notFound, onlyAllow, problem } from '../api/answers';
import { guarded } from '../api/guarded';
import { readBody } from '../api/read-body';
import { inThread } from '../heavy/pool';
import { store } from '../store';
import { partOf } from './part-of';
import { readPicture, type Heavy } from './read-picture';

const asked = object({
	id: string().uuid(),
	frame: string().uuid(),
	camera: string().uuid(),
	name: string().required().max(200)
}).test(
	'owner',
	'needs a frame or a camera that it belongs to',
	({ frame, camera }) => (frame === undefined) !== (camera === undefined)
);

interface Asked {
	id?: string;
	frame?: string;
	camera?: string;
	name: string;
}

function ownerOf({ frame, camera }: Pick<Asked, 'frame' | 'camera'>): {
	owner: PictureOwner;
	ownerId: string;
} {
	return frame === undefined
		? { owner: 'camera', ownerId: camera!.toLowerCase() }
		: { owner: 'frame', ownerId: frame.toLowerCase() };
}

const besideTheServer: Heavy = {
	isPngBomb: (png) => inThread('pngBomb', png),
	async heicShown(heic) {
		const { thumbnail, ...shown } = await inThread('heicShown', heic);
		// Between threads a buffer becomes plain bytes.
		return { ...shown, thumbnail: Buffer.from(thumbnail) };
	}
};

/** Takes a picture: its bytes are the body, what it belongs to and its name are in the address. */
const POST = guarded<Asked>(async ({ request }, query) => {
	if (!request.headers.get('content-type'))
		return problem(415, 'Send the file, with a header such as "content-type: image/jpeg"');
	const { name, id = crypto.randomUUID() } = query;
	const read = await readBody(request, MOST_PICTURE_BYTES);
	if ('answer' in read) return read.answer;
	const picture = await readPicture(name, read.bytes, besideTheServer);
	if ('problem' in picture) return invalid([{ path: '', message: picture.problem }]);
	const { thumbnail, ...known } = picture;
	const record: PictureRecord = { id: id.toLowerCase(), name, addedAt: new Date().toISOString(), ...known };
	const owner = ownerOf(query);
	const kept = store().pictures.add({ ...record, ...owner, original: read.bytes, thumbnail });
	if (kept === 'no-owner')
		return invalid([{ path: owner.owner, message: `there is no such ${owner.owner}` }]);
	return json(record, { status: 201, headers: { location: `/api/pictures/${record.id}` } });
}, asked);

const listed = object({ frame: string().uuid(), camera: string().uuid(), ...pageFields });

/** Pictures without their pixels page by page, the last that were added first: of a frame, of a camera, or all. */
const GET = guarded<{ limit?: number; after?: string } & Partial<Record<PictureOwner, string>>>(
	(_, { limit = DEFAULT_ITEMS, after, ...of }) => {
		const filters = Object.fromEntries(Object.entries(of).map(([name, id]) => [name, id.toLowerCase()]));
		const page = store().pictures.page({ limit, after, filters });
		return page ? json(page) : invalid([NO_PAGE]);
	},
	listed
);

/** Kept pictures never change under their id. */
const headersFor = (type: string) => ({
	'content-type': type,
	'cache-control': 'private, max-age=31536000, immutable',
	// A picture is never run as a page, whatever is in it.
	'content-security-policy': "default-src 'none'",
	'x-content-type-options': 'nosniff'
});

const idOf = (params: Partial<Record<string, string>>) => (params.id ?? '').toLowerCase();

const original = guarded(({ params, request }) => {
	const found = store().pictures.original(idOf(params));
	if (!found) return notFound('picture');
	return partOf(request, new Uint8Array(found.bytes), {
		...headersFor(found.type),
		etag: `"${idOf(params)}"`,
		'content-disposition': create(found.name, { type: 'inline' })
	});
});

const thumbnail = guarded(({ params, request }) => {
	const bytes = store().pictures.thumbnail(idOf(params));
	if (!bytes) return notFound('picture');
	return partOf(request, new Uint8Array(bytes), {
		...headersFor('image/webp'),
		etag: `"${idOf(params)}-small"`
	});
});

const DELETE = guarded(({ params }) =>
	store().pictures.remove(idOf(params)) ? new Response(null, { status: 204 }) : notFound('picture')
);

export const pictureHandlers = { GET, POST, fallback: onlyAllow('GET', 'POST') };
export const onePictureHandlers = { GET: original, DELETE, fallback: onlyAllow('GET', 'DELETE') };
export const thumbnailHandlers = { GET: thumbnail, fallback: onlyAllow('GET') };
