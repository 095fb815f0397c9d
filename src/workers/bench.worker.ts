import { expose } from 'comlink';
import { openRecording } from '../lib/bench/recording';

expose(openRecording);
