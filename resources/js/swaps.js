/* A change swaps the page under the hands: what was open stays open, and what is being typed is not lost. */

import htmx from 'htmx.org';
import { afterPaint, firstOf, morph, paintAhead } from './morphing.js';

/** Of a change: its drawing may come first, and its page is fetched then. */
const DRAWN_FIRST = 'X-Drawn-First';
const FOLLOWS = 'X-Follows';

/** Milliseconds after an answer in which the same again is not meant. */
const TWICE = 300;

const typedIn = (element) => element instanceof HTMLInputElement && element.id !== '' && element.value !== element.defaultValue;

const folded = (root) => new Map([...root.querySelectorAll('details[id]')].map((details) => [details.id, details.open]));

const complain = (text) => {
    const said = document.createElement('p');
    said.className = 'said is-stop';
    said.setAttribute('role', 'alert');
    said.textContent = text;
    document.querySelector('main')?.prepend(said);
};

/** The opening one looks at is in sight in the strip of all of them. */
const showOpening = () => {
    const here = document.querySelector('.openings .is-here');
    if (here) {
        const strip = here.closest('.openings');
        strip.scrollLeft = here.offsetLeft - strip.offsetLeft - (strip.clientWidth - here.offsetWidth) / 2;
    }
};

/* What is in hand: the element that was pressed or typed into. Most have no name of their own; then it is the so-manieth of its kind below one that has. */

const nameOf = (element) => {
    if (!element || element === document.body || element === document.documentElement) {
        return null;
    }
    if (element.id) {
        return { id: element.id, tag: null, index: 0 };
    }
    const named = element.closest('[id]:not(#stage)') ?? document.getElementById('stage');
    return named && { id: named.id, tag: element.tagName, index: [...named.querySelectorAll(element.tagName)].indexOf(element) };
};

const byName = (name) => {
    const named = name && document.getElementById(name.id);
    return named && name.tag ? (named.querySelectorAll(name.tag)[name.index] ?? null) : named;
};

/** Where the thing in hand is on the screen, so that it is there again after a swap. What comes by itself was in no hand. */
const takeInHand = (request) => {
    const active = document.activeElement;
    const element = active && active !== document.body ? active : (request?.triggeringEvent ? request.elt : null);
    return {
        name: nameOf(element),
        focused: element === active,
        top: element?.getBoundingClientRect().top ?? 0,
        scroll: window.scrollY,
    };
};

const putBack = (hand) => {
    const element = byName(hand.name);
    const isSeen = element && element.getClientRects().length > 0;
    const top = isSeen ? window.scrollY + element.getBoundingClientRect().top - hand.top : hand.scroll;
    window.scrollTo({ top: Math.max(0, top), behavior: 'instant' });
    if (isSeen && hand.focused && document.activeElement !== element) {
        element.focus({ preventScroll: true });
    }
};

/**
 * What is open, and what is being typed.
 *
 * @param sent what the answer is to: what was typed and sent is as the answer has it
 */
const asItIs = (root, sent) => {
    const active = root.activeElement;

    return {
        open: folded(root),
        typing: typedIn(active) && sent?.get(active.name) !== active.value ? { id: active.id, value: active.value, from: active.selectionStart, to: active.selectionEnd } : null,
    };
};

const asItWas = (root, { open, typing }) => {
    open.forEach((wasOpen, id) => {
        const details = root.getElementById(id);
        // What the server opened, because there is an error in it, stays open.
        if (details && (wasOpen || details.querySelector('.is-invalid') === null)) {
            details.open = wasOpen;
        }
    });
    const field = typing && root.getElementById(typing.id);
    if (field && field.value !== typing.value) {
        field.value = typing.value;
        field.focus({ preventScroll: true });
        field.setSelectionRange?.(typing.from, typing.to);
    }
    showOpening();
};

export const keepPlace = (root) => {
    showOpening();
    let before = null;
    let hand = null;
    /** What was painted before its page came, and what it was an answer to. */
    let ahead = null;
    /** The last change that was sent: by which form, and what was in it. */
    let last = null;

    /** The drawing alone: it is painted, forms go out from what the book is now, and its page is fetched. */
    const comeAhead = (first, address, sent) => {
        const drawing = paintAhead(first);
        ahead = { first, drawing, sent };
        root.querySelectorAll('#stage input[name="revision"]').forEach((field) => {
            field.value = drawing.dataset.revision;
        });
        htmx.process(drawing);
        putBack(hand);
        hand = null;
        const stage = root.getElementById('stage');
        stage.setAttribute('aria-busy', 'true');
        const headers = { [FOLLOWS]: drawing.dataset.revision };
        htmx.ajax('GET', address, { source: stage, target: '#stage', select: '#stage', swap: 'outerHTML', headers });
    };

    /** The stage of a book changes by what differs, after what one looks at. */
    const come = (answer, sent) => {
        const held = hand;
        const first = firstOf(answer);
        const isThere = first !== null && first === ahead?.first && ahead.drawing.isConnected;
        const drawing = isThere ? ahead.drawing : paintAhead(first);
        ahead = null;
        const rest = () => {
            before = asItIs(root, sent);
            hand = held;
            const stage = root.getElementById('stage');
            morph(stage, answer, drawing);
            htmx.trigger(stage, 'htmx:afterSettle');
        };
        if (drawing && ! isThere) {
            putBack(held);
            afterPaint(rest);
            return;
        }
        rest();
    };

    root.addEventListener('htmx:beforeSwap', (event) => {
        const { detail } = event;
        const isOfStage = detail.target?.id === 'stage' && detail.shouldSwap;
        const sent = ahead?.sent ?? detail.requestConfig?.formData;
        before = asItIs(root, sent);
        hand = ['stage', 'trimmer'].includes(detail.target?.id) ? takeInHand(detail.requestConfig) : null;
        const follows = detail.requestConfig?.headers[FOLLOWS];
        if (isOfStage && follows && follows !== ahead?.drawing.dataset.revision) {
            // A further change has overtaken it.
            detail.shouldSwap = false;
            return;
        }
        if (isOfStage && detail.xhr.getResponseHeader(DRAWN_FIRST)) {
            detail.shouldSwap = false;
            comeAhead(firstOf(detail.serverResponse), detail.xhr.responseURL, sent);
            return;
        }
        if (isOfStage && detail.serverResponse.includes('id="stage"')) {
            detail.shouldSwap = false;
            come(detail.serverResponse, sent);
            // What was asked for stands in the address: to come back to, and to send to somebody.
            if (detail.requestConfig?.elt?.getAttribute('hx-push-url') === 'true') {
                history.replaceState({ htmx: true }, '', window.location.href);
                history.pushState({ htmx: true }, '', detail.pathInfo.finalRequestPath ?? detail.pathInfo.requestPath);
            }
        }
    });

    root.addEventListener('htmx:configRequest', (event) => {
        const { detail } = event;
        if (detail.target?.id !== 'stage' || detail.verb === 'get') {
            return;
        }
        const said = JSON.stringify([...detail.formData].filter(([name]) => name !== 'revision'));
        // Enter sends a field twice: changed, and the form it is in.
        if (detail.verb === 'patch' && last?.form === detail.elt && last.said === said) {
            event.preventDefault();
            return;
        }
        last = { form: detail.elt, said };
        if (root.querySelector('[data-first]')) {
            detail.headers[DRAWN_FIRST] = '1';
        }
    });

    root.addEventListener('htmx:afterRequest', ({ detail }) => {
        if (last?.form === detail.elt) {
            const answered = last;
            setTimeout(() => { last = last === answered ? null : last; }, TWICE);
        }
    });

    // Before anything is painted the page is where it was.
    root.addEventListener('htmx:afterSwap', () => hand && putBack(hand));

    root.addEventListener('htmx:afterSettle', () => {
        asItWas(root, before);
        before.typing = null;
        if (hand) {
            putBack(hand);
            hand = null;
            // What asks or refuses is said where it can be seen.
            root.querySelector('.ask')?.scrollIntoView({ block: 'nearest' });
        }
    });

    ['htmx:responseError', 'htmx:sendError'].forEach((name) => root.addEventListener(name, (event) => {
        complain(event.detail?.xhr?.getResponseHeader?.('X-Why')
            || (event.detail?.requestConfig?.headers[FOLLOWS] && 'The change is taken, but what follows from it did not come. Reload the page.')
            || 'That did not get through: nothing was changed. Reload the page and make the change again.');
    }));
};
