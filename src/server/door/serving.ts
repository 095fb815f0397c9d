import { addresses, certified, machine } from './entrance';
import { Book } from './book';
import { certificatesFor, fingerprint, namesIn } from './authority';
import { keeperOf } from './keeper';
import { certificatePage, goOnPage, pageHeaders } from './pages';
import { wrongWith } from './passphrase';

/** What the script that serves needs of the door. */

export { addresses, certified, certificatesFor, fingerprint, machine, namesIn, pageHeaders };
export { certificatePage, goOnPage };

/** A code to be scanned, as lines of text. */
export async function inTerminal(text: string): Promise<string> {
	const { default: QRCode } = await import('qrcode');
	return QRCode.toString(text, { type: 'terminal', small: true });
}

/**
 * Opens the book of a data folder and says who keeps its door.
 *
 * @param passphrase the one that the program was started with; null where none was given
 * @param people whether others than the owner are let in
 * @param canBegin whether a first passphrase can be chosen at the desk
 * @throws Error in words where nobody could ever come in, or anybody soon
 */
export async function doorOf(data: string, passphrase: string | null, people: boolean, canBegin: boolean) {
	const book = new Book(data);
	if (passphrase !== null && !(await book.isPassphrase(passphrase))) {
		const wrong = await wrongWith(passphrase);
		if (wrong) throw new Error(`The passphrase you gave was refused. ${wrong}`);
		await book.setPassphrase(passphrase);
		console.log(
			'The passphrase is now the one you gave. Devices that used another one have to sign in again.'
		);
	}
	if (!book.hasPassphrase() && !canBegin) {
		throw new Error(
			'Others can reach this, and there is no passphrase yet: give one by --passphrase-file FILE or JUST_ENOUGH_PASSPHRASE.'
		);
	}
	return { decide: keeperOf(book, people), close: () => book.close() };
}
