/** A document that is ended, as its bytes. */
export function bytesOf(document: PDFKit.PDFDocument): Promise<Buffer> {
	return new Promise((resolve, reject) => {
		const chunks: Buffer[] = [];
		document.on('data', (chunk: Buffer) => chunks.push(chunk));
		document.on('end', () => resolve(Buffer.concat(chunks)));
		document.on('error', reject);
		document.end();
	});
}
