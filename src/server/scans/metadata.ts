import { runningNumber } from '$contract/loads';
import { frameLight, frameSettings, onCameraInWords } from '$words/frame';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import { developedInWords, filmTypeName, processInWords } from '$words';
import { localTime } from '../local-time';

/** What of a frame is written into a picture of it, by the names that exiftool has for it. */
export type Tags = Readonly<Record<string, string | number | readonly string[]>>;

/** A frame with all that tells of it. */
export interface FrameWithAll {
	frame: FrameRecord;
	load: LoadRecord;
	camera: CameraRecord;
	film: FilmRecord;
}

/**
 * The namespace of what no standard has a field for: film, development, the promise. It is exiftool's configuration, as it
 * must know what it writes; to read, no program needs it.
 */
export const FILM_FIELDS = `
%Image::ExifTool::UserDefined = (
	'Image::ExifTool::XMP::Main' => {
		film => { SubDirectory => { TagTable => 'Image::ExifTool::UserDefined::film' } },
	},
);
%Image::ExifTool::UserDefined::film = (
	GROUPS => { 0 => 'XMP', 1 => 'XMP-film', 2 => 'Image' },
	NAMESPACE => { film => 'urn:just-enough:film:1:' },
	WRITABLE => 'string',
	Stock => {}, Type => {}, Speed => { Writable => 'real' }, Frame => { Writable => 'integer' },
	Number => { Writable => 'integer' }, Loaded => {}, Process => {}, Development => {}, Developed => {},
	Exposure => {}, ReadLight => {}, OnCamera => { List => 'Bag' },
);
1;
`;

/** EXIF has sixteen bits for it, and no parts. */
const MOST_ISO = 65_535;
const wholeIso = (iso: number) => (iso >= 1 && iso <= MOST_ISO ? Math.round(iso) : undefined);

const filmOf = ({ frame, film }: FrameWithAll) => frame.film ?? film;

/** What no standard has a field for. */
const filmTags = (all: FrameWithAll): Record<string, string | number | readonly string[] | undefined> => {
	const { frame, load, camera, film } = all;
	const { process, developed } = load;
	const on = onCameraInWords(frame);
	return {
		'XMP-film:Stock': filmOf(all).name,
		'XMP-film:Type': filmTypeName[film.type],
		'XMP-film:Speed': filmOf(all).iso,
		'XMP-film:Frame': frame.number,
		'XMP-film:Number': runningNumber(load, frame.number),
		'XMP-film:Loaded': load.loadedAt,
		'XMP-film:Process': process && processInWords(process),
		'XMP-film:Development': developed && developedInWords(developed),
		'XMP-film:Developed': developed?.at,
		'XMP-film:Exposure': frameSettings(camera, frame),
		'XMP-film:ReadLight': frame.light ? frameLight(frame.light) : undefined,
		'XMP-film:OnCamera': on.length > 0 ? on : undefined
	};
};

/** What was said of it, in the fields that every program shows. */
const saidTags = ({ frame, camera, film }: FrameWithAll) => ({
	'XMP-dc:Title': frame.subject,
	'XMP-dc:Description': [frame.caption, frame.note].filter(Boolean).join('\n') || undefined,
	'XMP-dc:Subject': [camera.name, (frame.film ?? film).name, frame.where?.name].filter(
		(word): word is string => Boolean(word)
	),
	'XMP-iptcCore:Location': frame.where?.name
});

const given = (tags: Record<string, Tags[string] | undefined>): Tags =>
	Object.fromEntries(Object.entries(tags).filter(([, value]) => value !== undefined)) as Tags;

const EXIF_TIME = 'yyyy:MM:dd HH:mm:ss';
const OFFSET = 'ZZ';

/**
 * A frame as metadata in a picture file: EXIF for what EXIF has a field for, XMP for the rest.
 *
 * Source: CIPA DC-008 (EXIF 2.32) for the fields and their signs; MWG for a description, which stands in both.
 */
export function tagsInPicture(all: FrameWithAll): Tags {
	const { frame, camera } = all;
	const { settings, where, flash } = frame;
	const at = localTime(frame);
	const said = saidTags(all);
	return given({
		'EXIF:FNumber': settings.f ?? undefined,
		'EXIF:ExposureTime': settings.seconds ?? undefined,
		'EXIF:ISO': wholeIso(filmOf(all).iso),
		'EXIF:ExposureCompensation': settings.compensation ?? undefined,
		'EXIF:DateTimeOriginal': at.toFormat(EXIF_TIME),
		'EXIF:OffsetTimeOriginal': at.toFormat(OFFSET),
		// Programs leave a maker out that the model begins with.
		'EXIF:Make': camera.name,
		'EXIF:Model': camera.name,
		'EXIF:FocalLength': camera.focalLength,
		'EXIF:SubjectDistance': frame.distance,
		'EXIF:Flash#': flash === undefined ? undefined : flash ? 1 : 0,
		// Without its letter a place in the south or the west becomes one in the north or the east.
		'EXIF:GPSLatitude': where && Math.abs(where.latitude),
		'EXIF:GPSLatitudeRef': where && (where.latitude < 0 ? 'S' : 'N'),
		'EXIF:GPSLongitude': where && Math.abs(where.longitude),
		'EXIF:GPSLongitudeRef': where && (where.longitude < 0 ? 'W' : 'E'),
		'EXIF:ImageDescription': said['XMP-dc:Description'],
		...said,
		...filmTags(all)
	});
}

/** A frame as a file that lies beside a picture: all of it in XMP. Source: XMP specification, part 2, for EXIF in it. */
export function tagsBesidePicture(all: FrameWithAll): Tags {
	const { frame, camera } = all;
	const { settings, where, flash } = frame;
	return given({
		'XMP-exif:FNumber': settings.f ?? undefined,
		'XMP-exif:ExposureTime': settings.seconds ?? undefined,
		'XMP-exif:ISO': wholeIso(filmOf(all).iso),
		'XMP-exif:ExposureCompensation': settings.compensation ?? undefined,
		'XMP-exif:DateTimeOriginal': localTime(frame).toFormat(`${EXIF_TIME}${OFFSET}`),
		'XMP-tiff:Make': camera.name,
		'XMP-tiff:Model': camera.name,
		'XMP-exif:FocalLength': camera.focalLength,
		'XMP-exif:SubjectDistance': frame.distance,
		'XMP-exif:FlashFired': flash === undefined ? undefined : flash ? 'True' : 'False',
		'XMP-exif:GPSLatitude': where?.latitude,
		'XMP-exif:GPSLongitude': where?.longitude,
		...saidTags(all),
		...filmTags(all)
	});
}
