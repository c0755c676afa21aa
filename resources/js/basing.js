/* A base under the hand: a press on the fence sets a score, on an edge a piece is glued; scores and flaps are moved by hand or by the arrows, a
   key says how it folds. The server measures. */

import { WAYS } from './arrow.js';
import { millimetres } from './placing.js';

const REST = 600;
const SLACK = 1;
// So many dots of the screen are near.
const NEAR = 10;
const SCORE = '.base-score, .base-flap';

const IN_HAND = 'base-in-hand';

const keep = ({ dataset }) => sessionStorage.setItem(IN_HAND, dataset.place
    ? `.base-flap[data-place="${dataset.place}"]`
    : `.base-score[data-along="${dataset.along}"][data-score="${dataset.score}"]`);

const nearest = (places, at) => places.reduce((best, each) => (Math.abs(each[0] - at) < Math.abs(best[0] - at) ? each : best));

/** The place nearest to a press, where one is near; else a mark of the tool. The server has written them all. */
const snapped = (snaps, along, at, near) => {
    const [, places, marks] = snaps.find(([name]) => name === along);
    const place = nearest(places, at);
    const [to, text] = Math.abs(place[0] - at) <= near ? place : nearest(marks, at);

    return { at: to, text };
};

export const basing = (table) => ({
    held: null,
    waiting: null,
    draws: false,
    said: '',

    send(values) {
        clearTimeout(this.waiting);
        const given = { _token: document.querySelector('input[name="_token"]').value, revision: table.revision };
        window.htmx.ajax('POST', table.address, { values: { ...given, ...values }, target: '#stage', select: '#stage', swap: 'outerHTML' });
    },

    /** Along which side a thing lies, and how far an event is from its beginning. */
    place(element, event) {
        const point = millimetres(element.ownerSVGElement, event);
        return element.dataset.along === 'width' ? point.x : point.y;
    },

    /** Corners that are pressed one after the other stand in the field of the line that goes by them. */
    corner(place) {
        const field = document.getElementById('line-corners');
        const chosen = field.value.split(' to ').filter(Boolean);
        const at = chosen.indexOf(place);
        at < 0 ? chosen.push(place) : chosen.splice(at, 1);
        field.value = chosen.join(' to ');
        this.said = field.value;

        return at < 0;
    },

    be(kind) {
        document.getElementById('line-kind').value = kind;
    },

    /** The line by the corners that were pressed. */
    set() {
        document.getElementById('line-corners').form.requestSubmit();
    },

    choose(corner) {
        corner.setAttribute('aria-pressed', this.corner(corner.dataset.place) ? 'true' : 'false');
    },

    /** Anywhere on the blank: the press goes to the place that was meant, and a dot shows it. */
    dot(event) {
        const svg = event.target.closest('svg');
        const point = millimetres(svg, event);
        const near = NEAR / svg.getScreenCTM().a;
        const [x, y] = [snapped(table.snaps, 'width', point.x, near), snapped(table.snaps, 'height', point.y, near)];
        const place = `${x.text} × ${y.text}`;
        const old = [...svg.querySelectorAll('.base-dot')].find((each) => each.dataset.place === place);
        if (!this.corner(place)) {
            old?.remove();
            return;
        }
        const dot = document.createElementNS('http://www.w3.org/2000/svg', 'circle');
        Object.entries({ class: 'base-dot', cx: x.at, cy: y.at, r: near / 3, 'data-place': place }).forEach(([name, value]) => dot.setAttribute(name, value));
        svg.append(dot);
    },

    /** A piece is to be glued to an area, at an edge where one was pressed: its measures are asked for. */
    glue(column, row, edge) {
        document.getElementById('base-flaps').open = true;
        document.getElementById('flap-area').value = `${column}-${row}`;
        document.getElementById('flap-edge').value = edge ?? document.getElementById('flap-edge').value;
        document.getElementById(edge ? 'flap-reach' : 'flap-edge').focus();
    },

    press(event) {
        if (this.draws && event.target.closest('svg')) {
            this.dot(event);
            return;
        }
        const edge = event.target.closest('.base-edge');
        if (edge) {
            this.glue(edge.dataset.column, edge.dataset.row, edge.dataset.edge);
            return;
        }
        const corner = event.target.closest('.base-corner');
        if (corner) {
            this.choose(corner);
            return;
        }
        const fence = event.target.closest('.fence');
        if (fence) {
            this.send({ act: 'score', along: fence.dataset.along, at: `${Math.max(0, this.place(fence, event)).toFixed(3)} mm`, pressed: 1 });
        }
    },

    grab(event) {
        const score = event.target.closest(SCORE);
        if (score && event.button === 0 && !this.draws) {
            this.held = { score, from: this.place(score, event), to: 0, pointer: event.pointerId };
            score.setPointerCapture(event.pointerId);
        }
    },

    drag(event) {
        if (this.held?.pointer === event.pointerId) {
            this.held.to = this.place(this.held.score, event) - this.held.from;
            this.show(this.held.score, this.held.to);
        }
    },

    drop(event) {
        if (this.held?.pointer !== event.pointerId) {
            return;
        }
        const { score, to } = this.held;
        this.held = null;
        if (Math.abs(to) < SLACK) {
            this.show(score, 0);
            score.focus();
            return;
        }
        this.move(score, to);
    },

    letGo() {
        if (this.held) {
            this.show(this.held.score, 0);
            this.held = null;
        }
    },

    show(score, by) {
        score.dataset.by = by;
        score.setAttribute('transform', score.dataset.along === 'width' ? `translate(${by} 0)` : `translate(0 ${by})`);
    },

    move(score, by) {
        const at = `${Math.max(0, Number(score.dataset.at) + by).toFixed(3)} mm`;
        keep(score);
        this.send(score.dataset.place
            ? { act: 'slide', place: score.dataset.place, at, pressed: 1 }
            : { act: 'move', along: score.dataset.along, score: score.dataset.score, at, pressed: 1 });
    },

    onKey(event) {
        const score = event.target.closest(SCORE);
        const area = event.target.closest('.base-area');
        const corner = event.target.closest('.base-corner');
        if (corner && ['Enter', ' '].includes(event.key)) {
            event.preventDefault();
            this.choose(corner);
            return;
        }
        const key = event.key.toLowerCase();
        if (event.ctrlKey || event.metaKey || event.altKey || (!score && !area)) {
            return;
        }
        if (area) {
            if (['enter', ' ', 'c'].includes(key)) {
                event.preventDefault();
                this.send({ act: 'cut', column: area.dataset.column, row: area.dataset.row });
            } else if (key === 'g') {
                event.preventDefault();
                this.glue(area.dataset.column, area.dataset.row);
            }
            return;
        }
        const { along, score: number } = score.dataset;
        const way = WAYS[event.key];
        if (way) {
            event.preventDefault();
            event.stopPropagation();
            const step = table.step * (event.shiftKey ? 8 : 1) * (along === 'width' ? way[0] : way[1]);
            this.show(score, Number(score.dataset.by ?? 0) + step);
            clearTimeout(this.waiting);
            this.waiting = setTimeout(() => this.move(score, Number(score.dataset.by)), REST);
            return;
        }
        const acts = {
            v: { act: 'fold', fold: 'valley' },
            m: { act: 'fold', fold: 'mountain' },
            b: { act: 'fold', fold: 'none' },
            o: { act: 'mirror' },
            delete: { act: 'join' },
            backspace: { act: 'join' },
        };
        const flapActs = { o: 'mirror-flap', delete: 'unflap', backspace: 'unflap' };
        if (flapActs[key] && score.dataset.place) {
            event.preventDefault();
            event.stopPropagation();
            this.send({ act: flapActs[key], place: score.dataset.place });
        } else if (acts[key] && number) {
            event.preventDefault();
            event.stopPropagation();
            keep(score);
            this.send({ ...acts[key], along, score: number });
        }
    },
});

/** The score that was moved or turned last, or the flap, stays in hand. */
export const keepScoreInHand = (root) => root.addEventListener('htmx:afterSettle', () => {
    const kept = sessionStorage.getItem(IN_HAND);
    sessionStorage.removeItem(IN_HAND);
    if (kept) {
        root.querySelector(kept)?.focus();
    }
});
