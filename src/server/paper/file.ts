import { object, string } from 'yup';
import { localeOf } from '$words';
import { papers, sheetKinds, type Paper, type SheetFrames, type SheetKind } from '$contract/paper';
import { notFound } from '../api/answers';
import { asFile } from '../api/file-name';
import { guarded } from '../api/guarded';
import { sheetView } from '$views/frames';
import { viewRecords } from '../views/records';
import { inThread } from '../heavy/pool';
import { store } from '../store';

interface Asked {
	kind?: SheetKind;
	paper?: Paper;
	frames?: SheetFrames;
}
const keysOf = <K extends string>(of: Readonly<Record<K, unknown>>) => Object.keys(of) as K[];
const asked = object({
	kind: string<SheetKind>().oneOf(keysOf(sheetKinds)),
	paper: string<Paper>().oneOf(keysOf(papers)),
	frames: string<SheetFrames>().oneOf(['all', 'kept'])
});

/** A load on paper as a PDF: contact sheet, sleeve label or captions; dates by the reader's locale. */
export const paperFile = guarded<Asked>(
	async ({ params, request }, { kind = 'sheet', paper = 'a4', frames: which = 'all' }) => {
		const view = await sheetView(viewRecords(), params.id!);
		if (!view) return notFound('load');
		const { load, camera, film, frames, pictures } = view;
		const chosen = which === 'kept' ? frames.filter(({ judged }) => judged?.kept) : frames;
		if (chosen.length === 0) return notFound(which === 'kept' ? 'frame to keep' : 'frame on this load');
		const small = (frameId: string) =>
			(kind === 'sheet' &&
				Object.hasOwn(pictures, frameId) &&
				store().pictures.thumbnail(pictures[frameId])) ||
			null;
		const made = await inThread('paper', {
			of: { load, camera, film },
			frames: chosen.map((frame) => ({ frame, picture: small(frame.id) })),
			kind,
			paper,
			locale: localeOf(request.headers.get('accept-language'))
		});
		return new Response(new Uint8Array(made), {
			headers: {
				'content-type': 'application/pdf',
				...asFile(`${camera.name} ${film.name} ${sheetKinds[kind]}`, 'pdf', 'paper', true)
			}
		});
	},
	asked
);
