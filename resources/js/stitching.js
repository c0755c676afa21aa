/* The needle goes from hole to hole: which passages are shown; where they lie was drawn by the server. */

const SECONDS_A_PASSAGE = 0.8;

export const stitching = (passages) => ({
    passages,
    at: passages,
    timer: null,

    init() {
        this.show();
        this.$watch('at', () => this.show());
    },

    destroy() {
        this.stop();
    },

    show() {
        this.$root.querySelectorAll('.stitch').forEach((stitch) => {
            const number = Number(stitch.dataset.passage);
            stitch.classList.toggle('is-ahead', number > this.at);
            stitch.classList.toggle('is-now', number === this.at);
        });
        this.$root.querySelectorAll('.passages li').forEach((line, index) => line.classList.toggle('is-now', index + 1 === this.at));
    },

    go(to) {
        this.at = Math.min(this.passages, Math.max(0, to));
    },

    stop() {
        clearInterval(this.timer);
        this.timer = null;
    },

    sew() {
        if (this.timer) {
            this.stop();
            return;
        }
        if (this.at >= this.passages || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
            this.at = this.at >= this.passages ? 0 : this.passages;
        }
        this.timer = setInterval(() => {
            this.go(this.at + 1);
            if (this.at >= this.passages) {
                this.stop();
            }
        }, 1000 * SECONDS_A_PASSAGE);
    },
});
