/* At the table: one finger with glue on it, interruptions, a connection that comes and goes. Nothing about paper is decided here. */

const TWICE = 500;
const SWIPE = 70;
const AGAIN = 3000;
const KEPT = 'ticks-to-send';

const isTyping = (event) => event.target.closest?.('input, select, textarea, [contenteditable]') !== null;

/* ---- A stray second press within half a second is the first one still. ---- */

const guardPresses = (root) => {
    const last = new Map();
    root.addEventListener('submit', (event) => {
        const form = event.target;
        const name = form.dataset.once;
        if (!name) {
            return;
        }
        const now = performance.now();
        // What a press means is known only when the one before it is through.
        if (now - (last.get(name) ?? -Infinity) < TWICE || form.closest('[data-on-its-way]')) {
            event.preventDefault();
            event.stopImmediatePropagation();
            return;
        }
        last.set(name, now);
    }, true);
};

/* ---- Page Down and Page Up, as a foot switch sends them; a swipe over what is in hand. ---- */

const press = (root, where) => {
    const it = root.querySelector(`[data-table="${where}"]`);
    if (it instanceof HTMLFormElement) {
        it.requestSubmit();
    } else {
        it?.click();
    }
    return it !== null;
};

const onKeys = (root) => root.addEventListener('keydown', (event) => {
    const where = { PageDown: 'on', PageUp: 'back' }[event.key];
    if (where && !isTyping(event) && !document.querySelector('dialog[open]') && press(root, where)) {
        event.preventDefault();
    }
});

const onSwipes = (root) => {
    let from = null;
    root.addEventListener('touchstart', (event) => {
        const touch = event.changedTouches[0];
        const isFree = event.touches.length === 1 && event.target.closest('[data-swipe]') && !event.target.closest('input, select, textarea, .lines, ol');
        from = isFree ? { x: touch.clientX, y: touch.clientY } : null;
    }, { passive: true });
    root.addEventListener('touchend', (event) => {
        const touch = event.changedTouches[0];
        const dx = from ? touch.clientX - from.x : 0;
        if (from && Math.abs(dx) > SWIPE && Math.abs(dx) > 2 * Math.abs(touch.clientY - from.y)) {
            press(root, dx < 0 ? 'on' : 'back');
        }
        from = null;
    }, { passive: true });
};

/* ---- The next cut is seen the moment this one is ticked: the page has it with it. Should the tick not get through, the old one is back. ---- */

const onTick = (root) => {
    let before = null;
    const show = (parts) => parts.map((part) => {
        const old = root.querySelector(`#trimmer [data-now="${part.dataset.now}"]`);
        old?.replaceWith(part);

        return old;
    }).filter(Boolean);
    root.addEventListener('htmx:beforeSend', (event) => {
        const after = event.detail.elt.dataset?.table === 'on' ? root.getElementById('after-this-cut') : null;
        before = after ? show([...after.content.cloneNode(true).children]) : null;
        event.detail.elt.closest?.('#trimmer')?.setAttribute('data-on-its-way', '');
    });
    ['htmx:sendError', 'htmx:responseError'].forEach((name) => root.addEventListener(name, () => {
        root.getElementById('trimmer')?.removeAttribute('data-on-its-way');
        before = before && show(before) && null;
    }, true));
};

/* ---- Read aloud by the browser’s own voice, where one asks for it. ---- */

const wantsVoice = () => localStorage.getItem('read-aloud') === 'yes';

const aloud = (root) => {
    const text = root.querySelector('[data-aloud]');
    if (!('speechSynthesis' in window) || !text) {
        return;
    }
    window.speechSynthesis.cancel();
    if (wantsVoice()) {
        const said = [...text.querySelectorAll('[data-say]')].map((part) => part.textContent.replace(/\s+/g, ' ').trim()).join('. ');
        window.speechSynthesis.speak(new SpeechSynthesisUtterance(said.replaceAll('×', 'by').replaceAll('⁄', '/')));
    }
};

export const voice = () => ({
    can: 'speechSynthesis' in window,
    reads: wantsVoice(),

    toggle() {
        this.reads = !this.reads;
        localStorage.setItem('read-aloud', this.reads ? 'yes' : 'no');
        aloud(document);
    },
});

/* ---- The screen stays awake while something is in hand. ---- */

let awake = null;

const stayAwake = async (root) => {
    const wants = root.querySelector('[data-awake]') !== null && document.visibilityState === 'visible';
    if (!wants || !('wakeLock' in navigator)) {
        await awake?.release().catch(() => {});
        awake = null;
        return;
    }
    if (awake === null || awake.released) {
        awake = await navigator.wakeLock.request('screen').catch(() => null);
    }
};

/* ---- Ticks made while the connection is down are kept and sent later, in their order, each once: a tick says what is, so that one
   that did get through and is sent again changes nothing. ---- */

const kept = () => JSON.parse(localStorage.getItem(KEPT) ?? '[]');

const keep = (ticks) => localStorage.setItem(KEPT, JSON.stringify(ticks));

const tell = (text) => {
    let said = document.getElementById('connection');
    if (!said) {
        said = document.createElement('p');
        said.id = 'connection';
        said.className = 'said is-watch connection';
        said.setAttribute('role', 'status');
        document.body.append(said);
    }
    said.textContent = text;
    said.hidden = text === '';
};

const tellKept = () => {
    const count = kept().length;
    tell(count === 0 ? '' : `No connection. ${count === 1 ? 'One tick is' : `${count} ticks are`} kept here and sent when it is back.`);
};

let sending = false;

const send = async () => {
    if (sending || kept().length === 0) {
        return;
    }
    sending = true;
    try {
        const page = await fetch(window.location.href, { headers: { 'X-Requested-With': 'XMLHttpRequest' } });
        const token = /name="_token" value="([^"]+)"/.exec(await page.text())?.[1];
        if (!page.ok || !token || page.headers.get('X-Kept') === 'yes') {
            return;
        }
        for (let ticks = kept(); ticks.length > 0; ticks = kept()) {
            const { address, values } = ticks[0];
            const answer = await fetch(address, { method: 'POST', redirect: 'manual', body: new URLSearchParams({ ...values, _token: token }) });
            if (answer.status >= 500) {
                return;
            }
            // Sent, or refused for good: either way it is not sent again.
            keep(kept().slice(1));
        }
        tellKept();
        window.htmx.ajax('GET', window.location.href, { target: '#stage', select: '#stage', swap: 'outerHTML' });
    } catch {
        // Still down.
    } finally {
        sending = false;
    }
};

const onLostConnection = (root) => {
    root.addEventListener('htmx:sendError', (event) => {
        const form = event.detail.elt;
        if (!(form instanceof HTMLFormElement) || !form.dataset.once) {
            return;
        }
        event.stopImmediatePropagation();
        keep([...kept(), { address: form.action, values: Object.fromEntries(new FormData(form)) }]);
        form.querySelector('button')?.classList.add('is-kept');
        tellKept();
    }, true);
    window.addEventListener('online', send);
    window.setInterval(send, AGAIN);
    tellKept();
};

/* ---- Small writing in drawings is set larger where the drawing is small. ---- */

const LEAST = 11;

/* The piece a size is written in, null where it stands beside one. */
const pieceOf = (text) => {
    let before = text.previousElementSibling;
    while (before && before.tagName !== 'rect') {
        before = before.previousElementSibling;
    }
    const box = before?.getBBox();
    const [x, y] = [Number(text.getAttribute('x')), Number(text.getAttribute('y'))];

    return box && x > box.x && x < box.x + box.width && y > box.y && y < box.y + box.height ? box : null;
};

/* Where a size stands under its letter, as far below as it was drawn or as the ring that has grown wants; null where no ring is above. */
const belowRing = (text, size) => {
    const ring = text.previousElementSibling.previousElementSibling;
    if (ring?.tagName !== 'circle') {
        return null;
    }
    text.dataset.y ??= text.getAttribute('y');

    return Math.max(Number(text.dataset.y), Number(ring.getAttribute('cy')) + Number(ring.getAttribute('r')) + 0.9 * size);
};

/* A size that does not fit its piece lying stands upright; where that does not fit either it is left to the list beside it. */
const sizedInPiece = ({ text, size }) => {
    const piece = text.textContent.includes('×') ? pieceOf(text) : null;
    if (!piece) {
        return null;
    }
    text.dataset.turn ??= text.getAttribute('transform') ?? '';
    const long = text.getComputedTextLength();
    const isUnderLetter = text.previousElementSibling.tagName !== 'rect';
    const below = isUnderLetter ? belowRing(text, size) : null;
    const lies = long <= piece.width && size <= piece.height && (below === null || below + 0.2 * size <= piece.y + piece.height);
    const stands = !isUnderLetter && long <= piece.height && size <= piece.width;
    const upright = stands && (!lies || text.dataset.turn !== '');
    const middle = `${text.getAttribute('x')} ${piece.y + piece.height / 2}`;

    return () => {
        text.style.visibility = lies || stands ? '' : 'hidden';
        below === null || text.setAttribute('y', String(below));
        upright ? text.setAttribute('transform', text.dataset.turn || `rotate(-90 ${middle})`) : text.removeAttribute('transform');
    };
};

/* All is measured before anything is changed, and only then again: else the page would be laid out for every text. */
const legible = (root) => {
    // What is out of sight is not laid out yet, and not for this: it is set when it comes into sight.
    const seen = [...root.querySelectorAll('svg.drawing')].filter((svg) => svg.checkVisibility?.({ contentVisibilityAuto: true }) ?? true);
    const scales = seen.map((svg) => [svg, svg.getScreenCTM()?.a ?? 0]);
    // What is drawn at this size already need not be measured again.
    const others = scales.filter(([svg, scale]) => scale > 0 && svg.dataset.legibleAt !== `${scale} ${document.fonts?.status}`);
    const texts = others.flatMap(([svg, scale]) => [...svg.querySelectorAll('text')].map((text) => {
        text.dataset.size ??= String(parseFloat(getComputedStyle(text).fontSize));

        return { text, own: Number(text.dataset.size), least: LEAST / scale, size: Math.max(Number(text.dataset.size), LEAST / scale) };
    }));
    others.forEach(([svg, scale]) => {
        svg.dataset.legibleAt = `${scale} ${document.fonts?.status}`;
    });
    texts.forEach(({ text, own, least }) => {
        text.style.fontSize = own < least ? `${least}px` : '';
        // The ring of a letter grows with it.
        const ring = text.previousElementSibling;
        if (ring?.tagName === 'circle') {
            ring.dataset.r ??= ring.getAttribute('r');
            ring.setAttribute('r', String(Number(ring.dataset.r) * Math.max(1, least / own)));
        }
    });
    texts.map(sizedInPiece).forEach((turn) => turn?.());
};

export const atTheTable = (root) => {
    guardPresses(root);
    onKeys(root);
    onSwipes(root);
    onTick(root);
    onLostConnection(root);
    const look = () => {
        stayAwake(root);
        legible(root);
    };
    root.addEventListener('htmx:afterSettle', () => {
        look();
        aloud(root);
    });
    root.addEventListener('visibilitychange', () => stayAwake(root));
    window.addEventListener('resize', () => legible(root));
    root.addEventListener('contentvisibilityautostatechange', (event) => !event.skipped && legible(event.target), true);
    look();
    document.fonts?.ready.then(() => legible(root));
};
