// Small questions that need nothing of the bag are answered before anything else looks at them: half of their
// time would be the way through the application. What is wrong, large or long, or names a record, goes that way.

/** Questions that a request brings whole, by their address; without a query. */
const QUESTION = /^\/api\/(match|reach|light|learn)$/;
const JSON_TYPE = /^application\/json\s*(;|$)/i;
/** Bodies that are looked through in less than a millisecond, bytes. */
const SMALL = 16 * 1024;

function questionIn({ method, url, headers }) {
	const length = Number(headers['content-length']);
	const plain = method === 'POST' && JSON_TYPE.test(headers['content-type'] ?? '');
	if (!plain || !(length > 0 && length <= SMALL) || headers.expect !== undefined) return null;
	const [, name] = QUESTION.exec(url ?? '') ?? [];
	return name ? { name, length } : null;
}

/**
 * @param {(name: string, text: string) => string | null} answer the answer as JSON, or null where it is to go on
 * @returns {(request: import('node:http').IncomingMessage, response: import('node:http').ServerResponse, next: () => void) => void}
 */
export function atOnce(answer) {
	const tried = (name, text) => {
		try {
			return answer(name, text);
		} catch {
			// The application falls over it, too, and says so in its own way.
			return null;
		}
	};
	return (request, response, next) => {
		const question = questionIn(request);
		if (!question) return next();
		const chunks = [];
		let size = 0;
		function take() {
			while (size < question.length) {
				const chunk = request.read();
				if (chunk === null) return;
				chunks.push(chunk);
				size += chunk.length;
			}
			request.off('readable', take);
			const body = Buffer.concat(chunks);
			const json = tried(question.name, body.toString('utf8'));
			if (json === null) {
				// Put back as it came; who reads next finds it there.
				request.unshift(body);
				setImmediate(next);
				return;
			}
			response.writeHead(200, {
				'content-type': 'application/json',
				'content-length': Buffer.byteLength(json),
				'cache-control': 'no-store'
			});
			response.end(json);
		}
		request.on('readable', take);
	};
}
