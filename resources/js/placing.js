/* Things on a face under the hand: dragged or nudged in steps of the tool, set down by the server, which does the measuring. */

import { WAYS } from './arrow.js';

export const millimetres = (svg, event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return { x: point.x, y: point.y };
};

const send = (url, verb, values) => window.htmx.ajax(verb, url, { values, target: '#stage', select: '#stage', swap: 'outerHTML' });

const REST = 700;
const SLACK = 1.5;

export const placing = (table) => ({
    held: null,
    waiting: null,
    grab(event) {
        const handle = event.target.closest('.handle');
        if (!handle || event.button !== 0 || handle.dataset.ways === 'none') {
            return;
        }
        const svg = handle.ownerSVGElement;
        this.held = { handle, svg, from: millimetres(svg, event), pointer: event.pointerId, dx: 0, dy: 0 };
        handle.setPointerCapture(event.pointerId);
        event.preventDefault();
    },
    drag(event) {
        if (!this.held || event.pointerId !== this.held.pointer) {
            return;
        }
        const now = millimetres(this.held.svg, event);
        this.show(this.held.handle, now.x - this.held.from.x, now.y - this.held.from.y);
    },
    drop(event) {
        if (!this.held || event.pointerId !== this.held.pointer) {
            return;
        }
        const { handle } = this.held;
        this.held = null;
        const [dx, dy] = this.moved(handle);
        if (Math.hypot(dx, dy) < SLACK) {
            this.settle(handle);
            handle.focus();
            this.tell(handle);
            return;
        }
        this.commit(handle);
    },
    letGo() {
        if (this.held) {
            this.settle(this.held.handle);
            this.held = null;
        }
    },
    nudge(event) {
        const handle = event.target.closest('.handle');
        const way = WAYS[event.key];
        if (!handle) {
            return;
        }
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            this.tell(handle);
        }
        if (event.key === 'Delete') {
            document.querySelector(`[data-take-off="${handle.dataset.place}"]`)?.click();
        }
        if (!way || handle.dataset.ways === 'none') {
            return;
        }
        event.preventDefault();
        const step = Number(handle.dataset.step) * (event.shiftKey ? 8 : 1);
        const [dx, dy] = this.moved(handle);
        this.show(handle, dx + way[0] * step, dy + way[1] * step);
        clearTimeout(this.waiting);
        this.waiting = setTimeout(() => this.commit(handle), REST);
    },
    /** A kind has been chosen: a press on the chosen face puts it there. */
    put(event) {
        if (!table.put) {
            return;
        }
        const svg = event.target.closest('svg.drawing');
        const mark = svg?.querySelector('.chosen-mark');
        if (!mark) {
            return;
        }
        const at = millimetres(svg, event);
        const left = at.x - Number(mark.getAttribute('x'));
        const top = at.y - Number(mark.getAttribute('y'));
        if (left < 0 || top < 0 || left > Number(mark.getAttribute('width')) || top > Number(mark.getAttribute('height'))) {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
        send(table.put, 'POST', { ...this.given(), kind: table.kind, left, top });
    },
    given() {
        return { _token: document.querySelector('input[name="_token"]').value, revision: table.revision, face: table.face, stage: 'plan' };
    },
    moved(handle) {
        return [Number(handle.dataset.dx ?? 0), Number(handle.dataset.dy ?? 0)];
    },
    show(handle, dx, dy) {
        const step = Number(handle.dataset.step);
        const ways = handle.dataset.ways;
        const x = ways === 'height' ? 0 : Math.round(dx / step) * step;
        const y = ways === 'width' ? 0 : Math.round(dy / step) * step;
        handle.dataset.dx = x;
        handle.dataset.dy = y;
        handle.setAttribute('transform', `translate(${x} ${y})`);
        handle.classList.add('is-moving');
    },
    settle(handle) {
        delete handle.dataset.dx;
        delete handle.dataset.dy;
        handle.removeAttribute('transform');
        handle.classList.remove('is-moving');
    },
    commit(handle) {
        clearTimeout(this.waiting);
        const [dx, dy] = this.moved(handle);
        const place = handle.dataset.place;
        sessionStorage.setItem('in-hand', place);
        send(table.move, 'PATCH', { ...this.given(), place, left: Number(handle.dataset.left) + dx, top: Number(handle.dataset.top) + dy });
    },
    /** Its measures, opened in the column of particulars. */
    tell(handle) {
        const measures = document.getElementById(`thing-${handle.dataset.place.replaceAll(/[./]/g, '-')}`);
        if (measures) {
            measures.open = true;
            measures.scrollIntoView({ block: 'nearest' });
        }
    },
});

/** What was moved last stays in hand, so that the arrow keys go on. */
export const keepInHand = (root) => {
    root.addEventListener('htmx:afterSettle', () => {
        const place = sessionStorage.getItem('in-hand');
        sessionStorage.removeItem('in-hand');
        if (place) {
            root.querySelector(`.handle[data-place="${place}"]`)?.focus();
        }
    });
};
