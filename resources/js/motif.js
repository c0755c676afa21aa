/* The print under a face, drawn or nudged: how far goes into the form, and the server finds the place of the sheet. */

import { arrow } from './arrow.js';
import { millimetres } from './placing.js';

export const motif = (step) => ({
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
        document.getElementById('motif-right').value = right.toFixed(2);
        document.getElementById('motif-down').value = down.toFixed(2);
    },
});
