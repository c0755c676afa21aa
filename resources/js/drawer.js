/* The drawer: a colour chosen beside its code, and the corners of a photographed sheet. What they mean is the server's business. */

import { arrow } from './arrow.js';

export const colour = () => ({
    chosen(event) {
        this.$refs.text.value = event.target.value;
    },
});

const STEP = 0.005;

export const squaring = () => ({
    held: null,
    corners: [[0, 0], [1, 0], [1, 1], [0, 1]],

    init() {
        this.show();
    },

    take(event) {
        this.held = Number(event.currentTarget.dataset.corner);
        event.currentTarget.setPointerCapture(event.pointerId);
    },

    drag(event) {
        if (this.held === null) {
            return;
        }
        const photo = this.$refs.photo.getBoundingClientRect();
        this.move(this.held, (event.clientX - photo.left) / photo.width, (event.clientY - photo.top) / photo.height);
    },

    letGo() {
        this.held = null;
    },

    nudge(event) {
        const way = arrow(event);
        if (!way) {
            return;
        }
        const corner = Number(event.currentTarget.dataset.corner);
        const [x, y] = this.corners[corner];
        const step = event.shiftKey ? 5 * STEP : STEP;
        this.move(corner, x + way[0] * step, y + way[1] * step);
    },

    move(corner, x, y) {
        const within = (share) => Math.round(1e5 * Math.min(1, Math.max(0, share))) / 1e5;
        this.corners[corner] = [within(x), within(y)];
        this.show();
    },

    show() {
        this.$refs.corners.value = this.corners.flat().join(' ');
        this.$refs.outline.setAttribute('points', this.corners.map(([x, y]) => `${100 * x},${100 * y}`).join(' '));
        this.$root.querySelectorAll('.corner-mark').forEach((mark) => {
            const [x, y] = this.corners[Number(mark.dataset.corner)];
            mark.style.left = `${100 * x}%`;
            mark.style.top = `${100 * y}%`;
        });
    },
});
