import { expose } from 'comlink';
import { match } from '../core/match';

expose(match);
