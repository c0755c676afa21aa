import htmx from 'htmx.org';
import { bench, drying, replay, shell, stages, trimmer } from './screens.js';
import { basing, keepScoreInHand } from './basing.js';
import { fetching } from './fetching.js';
import { folding } from './folding.js';
import { colour, squaring } from './drawer.js';
import { motif } from './motif.js';
import { papering } from './papering.js';
import { pinning } from './pinning.js';
import { keepInHand, placing } from './placing.js';
import { ordering } from './ordering.js';
import { printing, reaching } from './printing.js';
import { stitching } from './stitching.js';
import { sums } from './sums.js';
import { words } from './words.js';
import { keepPlace } from './swaps.js';
import { atTheTable, voice } from './table.js';

// The page is painted and drawn before what answers in it is begun, each in a task of its own: a press waits for none of them long.
const aBreath = () => new Promise((resolve) => { setTimeout(resolve); });

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
htmx.config.historyCacheSize = 0;
htmx.config.scrollBehavior = 'auto';
// Nothing fades in: what is swapped is there at once.
htmx.config.defaultSettleDelay = 0;
window.htmx = htmx;
await aBreath();
atTheTable(document);
keepPlace(document);
keepInHand(document);
keepScoreInHand(document);
pinning(document);
reaching(document);
sums(document);
words(document);

const { default: Alpine } = await import('@alpinejs/csp');
await aBreath();

Alpine.data('shell', shell);
// What is typed of a pass phrase may be looked at.
Alpine.data('revealing', () => ({ shown: false }));
// What was to be saved is sent again in a moment.
Alpine.data('again', () => ({
    init() {
        setTimeout(() => this.$el.isConnected && this.$el.submit(), 900);
    },
}));
Alpine.data('stages', stages);
Alpine.data('replay', replay);
Alpine.data('bench', bench);
Alpine.data('drying', drying);
Alpine.data('voice', voice);
Alpine.data('placing', placing);
Alpine.data('basing', basing);
Alpine.data('trimmer', trimmer);
Alpine.data('fetching', fetching);
Alpine.data('folding', folding);
Alpine.data('stitching', stitching);
Alpine.data('ordering', ordering);
Alpine.data('papering', papering);
Alpine.data('printing', printing);
Alpine.data('colour', colour);
Alpine.data('motif', motif);
Alpine.data('squaring', squaring);
window.Alpine = Alpine;
Alpine.start();
document.documentElement.dataset.answers = '';
if ('serviceWorker' in navigator) {
    navigator.serviceWorker.register('/kept-page.js').catch(() => {});
}
