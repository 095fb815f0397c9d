import { create } from 'content-disposition';
import { namePart } from '$contract/file-names';

/**
 * The headers by which an answer is a file of a name in any script (RFC 6266).
 *
 * @param name without its ending
 * @param otherwise where a file system takes nothing of the name
 * @param shown whether a browser may show it in place of keeping it
 */
export const asFile = (name: string, ending: string, otherwise: string, shown = false) => ({
	'content-disposition': create(`${namePart(name, otherwise)}.${ending}`, {
		type: shown ? 'inline' : 'attachment'
	})
});
