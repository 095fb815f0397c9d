import { expose } from 'comlink';
import { printOf } from '../core/prints';

expose(printOf);
