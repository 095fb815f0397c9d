import { rootFolder } from '../store';
import { Book } from './book';

let opened: Book | undefined;

/** The book of who is let in, opened when it is first asked for. */
export const book = (): Book => (opened ??= new Book(rootFolder()));

/** Closes it, when nothing asks any more. */
export function closeBook(): void {
	opened?.close();
	opened = undefined;
}
