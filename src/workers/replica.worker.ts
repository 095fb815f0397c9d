import { expose } from 'comlink';
import { copyOf } from '../replica/copy';
import { openReplica } from '../replica/database';
import { keptWorking } from '../replica/kept-working';

const replica = openReplica();
expose({ ...keptWorking(replica), ...copyOf(replica) });
