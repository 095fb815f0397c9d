import { expose } from 'comlink';
import { whatIfWork } from '../core/whatif';

expose(whatIfWork);
