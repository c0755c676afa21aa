/* A change of a book leaves most of its page as it was: what differs in the answer is changed where it stands, and nothing else is touched. */

import htmx from 'htmx.org';
import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';

/** What has a life of its own, or fetches itself when it is looked at, begins anew. */
const isAlive = (element) => element.hasAttribute('x-data') || /intersect|load/.test(element.getAttribute('hx-trigger') ?? '');

const hasFields = (element) => element.matches('input, select, textarea, option') || element.querySelector('input, select, textarea') !== null;

/** What one looks at while changing it, as it stands in an answer; null where there is none to paint first. */
export const firstOf = (answer) => answer.match(/<!--first-->(.*)<!--\/first-->/s)?.[1] ?? null;

/**
 * Paints it before the rest of its answer.
 *
 * @returns the drawing that is there now, null where there is no place for it
 */
export const paintAhead = (first) => {
    const drawing = document.querySelector('[data-first]');
    if (! first || ! drawing) {
        return null;
    }
    const holder = document.createElement('template');
    holder.innerHTML = first;
    const ahead = holder.content.querySelector('[data-first]');
    drawing.replaceWith(ahead);

    return ahead;
};

/** In the next task after the next frame is painted; where nothing is painted, as behind another window, soon. */
export const afterPaint = (work) => {
    if (document.hidden) {
        setTimeout(work);
        return;
    }
    requestAnimationFrame(() => setTimeout(work));
};

export const morph = (stage, answer, ahead) => {
    const page = new DOMParser().parseFromString(answer, 'text/html');
    const anew = [];
    Idiomorph.morph(stage, page.getElementById('stage'), {
        morphStyle: 'outerHTML',
        callbacks: {
            beforeNodeMorphed: (old, now) => {
                if (old.nodeType !== Node.ELEMENT_NODE) {
                    return true;
                }
                if (old === ahead) {
                    return false;
                }
                if (isAlive(old) || isAlive(now)) {
                    anew.push([old, now]);
                    return false;
                }
                // A field may hold what was typed and not taken, which no attribute tells.
                return ! old.isEqualNode(now) || hasFields(old);
            },
        },
    });
    anew.forEach(([old, now]) => old.replaceWith(now));
    document.title = page.title;
    htmx.process(stage);
};
