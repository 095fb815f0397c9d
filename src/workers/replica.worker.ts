import { expose } from 'comlink';
import { openReplica } from '../replica/database';
import { keptWorking } from '../replica/kept-working';

expose(keptWorking(openReplica()));
