type Range = { from: number; to: number } | 'outside' | null;

/** Bytes from the first that is named on. */
function rangeFrom(first: number, last: number, size: number): Range {
	if (last < first) return null;
	return first >= size ? 'outside' : { from: first, to: Math.min(size - 1, last) };
}

/** So many bytes at the end. */
const rangeOfLast = (count: number, size: number): Range =>
	count === 0 ? 'outside' : { from: Math.max(0, size - count), to: size - 1 };

/** The bytes that a range names, both ends in it; null where it is none that is known here. */
function rangeIn(header: string, size: number): Range {
	const [, first, last] = /^bytes=(\d*)-(\d*)$/.exec(header.trim()) ?? [];
	if (first) return rangeFrom(Number(first), last ? Number(last) : Infinity, size);
	return last ? rangeOfLast(Number(last), size) : null;
}

/**
 * What a request asks for of bytes that never change: all of them, one range of them, or nothing where it has them
 * already. Source: RFC 9110, 13.1 and 14; several ranges at once are answered with all, as it allows.
 *
 * @param headers with the etag
 */
export function partOf(
	{ headers: asked }: Pick<Request, 'headers'>,
	bytes: Uint8Array<ArrayBuffer>,
	headers: Readonly<Record<string, string>> & { etag: string }
): Response {
	const { etag } = headers;
	const known = (asked.get('if-none-match') ?? '').split(',').map((tag) => tag.trim().replace(/^W\//, ''));
	if (known.includes(etag) || known.includes('*')) return new Response(null, { status: 304, headers });
	const all = { ...headers, 'accept-ranges': 'bytes' };
	const condition = asked.get('if-range');
	const range = condition === null || condition === etag ? asked.get('range') : null;
	const part = range === null ? null : rangeIn(range, bytes.byteLength);
	if (part === null) return new Response(bytes, { headers: all });
	const size = bytes.byteLength;
	if (part === 'outside')
		return new Response(null, { status: 416, headers: { ...all, 'content-range': `bytes */${size}` } });
	const content = { 'content-range': `bytes ${part.from}-${part.to}/${size}` };
	return new Response(bytes.slice(part.from, part.to + 1), { status: 206, headers: { ...all, ...content } });
}
