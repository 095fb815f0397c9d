import { expose } from 'comlink';
import { copyOf } from '../replica/copy';
import { NAME, openReplica } from '../replica/database';
import { keptWorking } from '../replica/kept-working';

const asked = {
	/**
	 * Opens the copy before anything else is asked of it.
	 *
	 * @param space whose it is, where several people have one here
	 * @param whose what goes with what is asked of the server
	 */
	begin(space: string, whose: Readonly<Record<string, string>>): void {
		const replica = openReplica(NAME + space);
		Object.assign(asked, keptWorking(replica), copyOf(replica, whose));
	}
};
expose(asked);
