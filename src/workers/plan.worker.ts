import { expose } from 'comlink';
import { planDay } from '../core/plan';

expose(planDay);
