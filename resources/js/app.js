import htmx from 'htmx.org';
import Alpine from 'alpinejs';
import { bench, replay, shell, trimmer } from './screens.js';
import { folding } from './folding.js';
import { pinning } from './pinning.js';
import { keepInHand, placing } from './placing.js';
import { ordering } from './ordering.js';
import { stitching } from './stitching.js';
import { keepPlace } from './swaps.js';

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
htmx.config.historyCacheSize = 0;
htmx.config.scrollBehavior = 'auto';
window.htmx = htmx;

Alpine.data('shell', shell);
Alpine.data('replay', replay);
Alpine.data('bench', bench);
Alpine.data('placing', placing);
Alpine.data('trimmer', trimmer);
Alpine.data('folding', folding);
Alpine.data('stitching', stitching);
Alpine.data('ordering', ordering);
window.Alpine = Alpine;
keepPlace(document);
keepInHand(document);
pinning(document);
Alpine.start();
