import { expose } from 'comlink';
import { planWork } from '../core/plan';

expose(planWork);
