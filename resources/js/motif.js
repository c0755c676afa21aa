/* The print under a face, drawn or nudged: how far goes into the form, and the server finds the place of the sheet. */

import { arrow } from './arrow.js';
import { millimetres } from './placing.js';

const share = (one, other) => other === 0 ? one : share(other, one % other);

/** So many millimetres as a maker writes them: “-1 1/2”, or centimetres. */
const written = (far, { step, unit }) => {
    const marks = Math.round(far / step) * step;
    if (unit !== 'in') {
        return String(Number((marks / 10).toFixed(2)));
    }
    const parts = Math.round(Math.abs(marks) / 25.4 * 64);
    const [whole, rest] = [Math.floor(parts / 64), parts % 64];
    const by = share(64, rest);
    const fraction = rest === 0 ? '' : `${rest / by}/${64 / by}`;

    return (marks < 0 && parts > 0 ? '-' : '') + ([whole || '', fraction].filter(Boolean).join(' ') || '0');
};

export const motif = ({ step, unit }) => ({
    held: null,
    right: 0,
    down: 0,

    take(event) {
        if (event.button !== 0) {
            return;
        }
        const from = millimetres(this.$root, event);
        this.held = { x: from.x - this.right, y: from.y - this.down };
        this.$root.setPointerCapture(event.pointerId);
    },

    drag(event) {
        if (!this.held) {
            return;
        }
        const now = millimetres(this.$root, event);
        this.show(now.x - this.held.x, now.y - this.held.y);
    },

    drop() {
        this.held = null;
    },

    nudge(event) {
        const way = arrow(event);
        if (!way) {
            return;
        }
        const far = event.shiftKey ? 8 * step : step;
        this.show(this.right + way[0] * far, this.down + way[1] * far);
    },

    show(right, down) {
        this.right = right;
        this.down = down;
        this.$refs.print.setAttribute('transform', `translate(${right} ${down})`);
        document.getElementById('motif-right').value = written(right, { step, unit });
        document.getElementById('motif-down').value = written(down, { step, unit });
    },
});
