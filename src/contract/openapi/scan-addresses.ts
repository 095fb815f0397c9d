import { aScan, badBody, bytes, id, json, problem, ref } from './parts';

/** What was logged, into the files that show it. */
export const scanAddresses = {
	'/api/frames/{id}/scan': {
		parameters: [id],
		post: {
			operationId: 'write-into-scan',
			summary: 'Returns a scan with the frame’s log written into it (EXIF, XMP); nothing is stored',
			requestBody: { required: true, content: aScan },
			responses: {
				200: { description: 'A copy; the image data is the same to the byte', content: aScan },
				404: problem('There is no such frame'),
				413: problem('Larger than 1 GiB'),
				415: problem('No JPEG, PNG, WebP or TIFF'),
				422: problem('It can’t be read, or not everything could be written into it; no copy was made')
			}
		}
	},
	'/api/frames/{id}/metadata.xmp': {
		parameters: [id],
		get: {
			operationId: 'read-metadata',
			summary: 'The frame’s log as an XMP sidecar file',
			responses: {
				200: { description: 'The file', content: bytes('application/rdf+xml') },
				404: problem('There is no such frame')
			}
		}
	},
	'/api/scans.csv': {
		post: {
			operationId: 'table-for-exiftool',
			summary: 'The same for many files as a table, for exiftool -sep "; " -csv=exiftool.csv FOLDER',
			requestBody: { required: true, content: json(ref('Scans')) },
			responses: {
				200: { description: 'The table', content: { 'text/csv': { schema: { type: 'string' } } } },
				...badBody
			}
		}
	}
};
