import { expose } from 'comlink';
import { openClip } from '../lib/bench/clip/clips';

expose(openClip);
