import { aScan, badBody, bytes, id, json, problem, ref } from './parts';

/** What was logged, into the files that show it. */
export const scanAddresses = {
	'/api/frames/{id}/scan': {
		parameters: [id],
		post: {
			operationId: 'write-into-scan',
			summary: 'Gives a scan back with what was logged of the frame in it (EXIF, XMP); nothing is kept',
			requestBody: { required: true, content: aScan },
			responses: {
				200: { description: 'A copy: its pixels are the same to the byte', content: aScan },
				404: problem('There is no such frame'),
				413: problem('Larger than 1 GiB'),
				415: problem('No JPEG, PNG, WebP or TIFF'),
				422: problem('It cannot be read, or not all of it could be written as it is; there is no copy')
			}
		}
	},
	'/api/frames/{id}/metadata.xmp': {
		parameters: [id],
		get: {
			operationId: 'read-metadata',
			summary: 'What was logged of the frame as a file that lies beside a picture (XMP)',
			responses: {
				200: { description: 'It', content: bytes('application/rdf+xml') },
				404: problem('There is no such frame')
			}
		}
	},
	'/api/scans.csv': {
		post: {
			operationId: 'table-for-exiftool',
			summary: 'The same for many files as a table: exiftool -sep "; " -csv=exiftool.csv FOLDER',
			requestBody: { required: true, content: json(ref('Scans')) },
			responses: {
				200: { description: 'The table', content: { 'text/csv': { schema: { type: 'string' } } } },
				...badBody
			}
		}
	}
};
