import { serve } from './serve.mjs';
import { main } from './steps.mjs';

await main(() => serve({ demo: false, folder: 'data' }));
