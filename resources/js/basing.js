/* A base under the hand: a press on the fence sets a score, a score is moved by hand or by the arrows, a key says how it folds. The server measures. */

import { WAYS } from './arrow.js';
import { millimetres } from './placing.js';

const REST = 600;
const SLACK = 1;

export const basing = (table) => ({
    held: null,
    waiting: null,

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
    choose(corner) {
        const field = document.getElementById('line-corners');
        const chosen = field.value.split(' to ').filter(Boolean);
        const at = chosen.indexOf(corner.dataset.place);
        at < 0 ? chosen.push(corner.dataset.place) : chosen.splice(at, 1);
        corner.setAttribute('aria-pressed', at < 0 ? 'true' : 'false');
        field.value = chosen.join(' to ');
    },

    press(event) {
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
        const score = event.target.closest('.base-score');
        if (score && event.button === 0) {
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
        sessionStorage.setItem('base-in-hand', `${score.dataset.along} ${score.dataset.score}`);
        this.send({ act: 'move', along: score.dataset.along, score: score.dataset.score, at: `${Math.max(0, Number(score.dataset.at) + by).toFixed(3)} mm`, pressed: 1 });
    },

    onKey(event) {
        const score = event.target.closest('.base-score');
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
        if (acts[key]) {
            event.preventDefault();
            event.stopPropagation();
            sessionStorage.setItem('base-in-hand', `${along} ${number}`);
            this.send({ ...acts[key], along, score: number });
        }
    },
});

/** The score that was moved or turned last stays in hand. */
export const keepScoreInHand = (root) => root.addEventListener('htmx:afterSettle', () => {
    const [along, number] = (sessionStorage.getItem('base-in-hand') ?? '').split(' ');
    sessionStorage.removeItem('base-in-hand');
    if (number) {
        root.querySelector(`.base-score[data-along="${along}"][data-score="${number}"]`)?.focus();
    }
});
