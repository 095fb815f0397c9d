import type { QRCodeSegment, QRCodeToStringOptions } from 'qrcode';

/** A code to be scanned, as a picture; what draws it is loaded where one is. */
export async function codeSvg(
	what: string | QRCodeSegment[],
	options: QRCodeToStringOptions = { margin: 2 }
): Promise<string> {
	const { default: QRCode } = await import('qrcode');
	return QRCode.toString(what, { ...options, type: 'svg' });
}
