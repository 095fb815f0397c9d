import { expose } from 'comlink';
import { clicksIn } from '../core/bench';

expose({ clicksIn });
