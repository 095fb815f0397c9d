import { expose } from 'comlink';
import { compareWork } from '../core/compare';

expose(compareWork);
