import { endingOf, pictureEndings, type PictureType, type WrittenType } from '$contract/pictures';

interface Beginning<T> {
	type: T;
	at: number;
	bytes: readonly number[];
}
const ascii = (text: string) => [...text].map((letter) => letter.charCodeAt(0));

/** How files of each type begin, told by their bytes: a name proves nothing. Source: the formats' own definitions. */
const written: readonly Beginning<WrittenType>[] = [
	{ type: 'image/jpeg', at: 0, bytes: [0xff, 0xd8, 0xff] },
	{ type: 'image/png', at: 0, bytes: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
	{ type: 'image/webp', at: 8, bytes: ascii('WEBP') },
	{ type: 'image/tiff', at: 0, bytes: [0x49, 0x49, 0x2a, 0x00] },
	{ type: 'image/tiff', at: 0, bytes: [0x4d, 0x4d, 0x00, 0x2a] }
];

/** Brands of ISO/IEC 23008-12 and of AV1's image format, as they are named first in a file. */
const boxed: readonly Beginning<PictureType>[] = [
	...['heic', 'heix', 'heim', 'heis', 'hevc', 'hevx', 'mif1', 'msf1'].map((brand) => ({
		type: 'image/heic' as const,
		at: 4,
		bytes: ascii(`ftyp${brand}`)
	})),
	...['avif', 'avis'].map((brand) => ({
		type: 'image/avif' as const,
		at: 4,
		bytes: ascii(`ftyp${brand}`)
	})),
	{ type: 'image/x-raw', at: 4, bytes: ascii('ftypcrx ') }
];

/** Raw files that are no TIFF by their first bytes, which are letters. From memory. */
const raw: readonly Beginning<PictureType>[] = [
	[0x46, 0x55, 0x4a, 0x49, 0x46, 0x49, 0x4c, 0x4d],
	...['IIRO', 'IIRS', 'MMOR', 'IIU\0'].map(ascii)
].map((bytes) => ({ type: 'image/x-raw', at: 0, bytes }));

const found = <T>(known: readonly Beginning<T>[], bytes: Uint8Array): T | undefined =>
	known.find(({ at, bytes: expected }) => expected.every((byte, index) => bytes[at + index] === byte))?.type;

/** Which kind of picture that is written into begins with some bytes. */
export const writtenTypeOf = (bytes: Uint8Array): WrittenType | undefined => found(written, bytes);

/** Which kind of picture a file is. Most raw files begin as a TIFF does, and are told by how their names end. */
export function typeOf(name: string, bytes: Uint8Array): PictureType | undefined {
	const type = found<PictureType>([...written, ...boxed, ...raw], bytes);
	const mayBeRaw = type === 'image/tiff' && pictureEndings['image/x-raw'].includes(endingOf(name));
	return mayBeRaw ? 'image/x-raw' : type;
}
