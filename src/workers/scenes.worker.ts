import { expose } from 'comlink';
import { drawScene } from '../core/practice';

expose(drawScene);
