/* The book folds: only the in-between is made here. Every panel knows its score and its angle; each step has a share from 0 to 1. */

const reduced = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

const eased = (share) => share * share * (3 - 2 * share);

const SECONDS_A_FOLD = 0.9;

/* Pixels that stay free round what is looked at. */
const MARGIN = 12;

const radians = (degrees) => (degrees * Math.PI) / 180;

/* How large something may be drawn at the most, so that a corner of it, turned, is no farther out than so much: what is nearer looks larger. */
const atMost = (out, towards, most, distance) => {
    const grows = Math.abs(out) * distance + most * towards;

    return grows > 0 ? (most * distance) / grows : Infinity;
};

export const folding = (steps) => ({
    steps,
    at: 0,
    playing: false,
    speed: 1,
    seenFromBack: false,
    spin: -14,
    tilt: 28,
    held: null,
    pressed: null,
    shown: [],
    last: null,

    init() {
        this.world = this.$root.querySelector('.world');
        // What it takes in space before the first step and after each; as large as it was written is large enough.
        this.rooms = JSON.parse(this.world.dataset.rooms);
        // As it comes nothing is folded, and what is glued in a step is away.
        this.shown = Array(this.steps + 1).fill(0);
        const hashed = Number(new URLSearchParams(window.location.search).get('at'));
        this.at = hashed > 0 ? Math.min(this.steps, hashed) : 0;
        // The breadth is asked for before anything is changed: else all would be laid out twice.
        this.measure();
        this.show();
        this.$watch('at', () => this.show());
    },

    destroy() {
        this.playing = false;
    },

    show() {
        this.turn();
        for (let step = 1; step <= this.steps; step++) {
            const share = eased(Math.min(1, Math.max(0, this.at - step + 1)));
            if (this.shown[step] !== share) {
                this.world.querySelectorAll(`[data-from="${step}"]`).forEach((leaf) => leaf.classList.toggle('is-away', share === 0));
                this.shown[step] = share;
                this.world.style.setProperty(`--s${step}`, share);
            }
        }
        const now = Math.min(this.steps, Math.floor(this.at) + (this.at % 1 > 0 ? 1 : 0));
        if (now !== this.last) {
            this.last = now;
            this.world.querySelectorAll('.turned-flap.is-open').forEach((flap) => flap.classList.remove('is-open'));
            this.$root.querySelectorAll('.fold-steps li').forEach((line) => {
                line.classList.toggle('is-now', Number(line.dataset.step) === now);
                line.classList.toggle('is-ahead', Number(line.dataset.step) > now);
            });
            // Glue shows where it is put, in the step in which it is put there.
            this.world.querySelectorAll('.zone').forEach((zone) => zone.classList.toggle('is-lit', now > 0 && Number(zone.dataset.glue) === now));
        }
    },

    measure() {
        const { theatre } = this.$refs;
        this.most = [theatre.clientWidth / 2 - MARGIN, theatre.clientHeight / 2 - MARGIN];
        this.distance = parseFloat(getComputedStyle(theatre).perspective);
        this.turn();
    },

    /* The room it takes now, from step to step as the step itself goes. */
    room() {
        const [from, to] = [Math.floor(this.at), Math.ceil(this.at)].map((step) => this.rooms[Math.min(step, this.rooms.length - 1)]);
        const share = eased(this.at % 1);

        return from.map((edge, which) => edge + share * (to[which] - edge));
    },

    /* About the middle of what is there, and as large as all of it may be seen. */
    turn() {
        const [left, top, back, right, bottom, front] = this.room();
        const spin = this.spin + (this.seenFromBack ? 180 : 0);
        const [sinSpin, cosSpin, sinTilt, cosTilt] = [spin, this.tilt].flatMap((angle) => [Math.sin(radians(angle)), Math.cos(radians(angle))]);
        let scale = 1;
        for (let corner = 0; corner < 8; corner++) {
            const [x, y, z] = [right - left, bottom - top, front - back].map((side, which) => (corner >> which & 1 ? side : -side) / 2);
            const deep = z * cosSpin - x * sinSpin;
            const towards = y * sinTilt + deep * cosTilt;
            scale = Math.min(
                scale,
                atMost(x * cosSpin + z * sinSpin, towards, this.most[0], this.distance),
                atMost(y * cosTilt - deep * sinTilt, towards, this.most[1], this.distance),
            );
        }
        const middle = [left + right, top + bottom, back + front].map((sum) => `${-sum / 2}px`);
        this.world.style.transform = `scale3d(${scale}, ${scale}, ${scale}) rotateX(${this.tilt}deg) rotateY(${spin}deg) translate3d(${middle})`;
    },

    flip() {
        this.seenFromBack = !this.seenFromBack;
        this.turn();
    },

    toggle() {
        this.playing = !this.playing;
        if (!this.playing) {
            return;
        }
        if (this.at >= this.steps) {
            this.at = 0;
        }
        let before = null;
        const frame = (now) => {
            if (!this.playing) {
                return;
            }
            const passed = before === null ? 0 : (now - before) / 1000;
            before = now;
            const next = this.at + (passed * this.speed) / SECONDS_A_FOLD;
            if (reduced()) {
                this.playing = false;
                this.at = this.steps;
                return;
            }
            this.at = Math.min(this.steps, next);
            if (this.at >= this.steps) {
                this.playing = false;
                return;
            }
            requestAnimationFrame(frame);
        };
        requestAnimationFrame(frame);
    },

    goTo(step) {
        this.playing = false;
        this.at = Math.min(this.steps, Math.max(0, step));
    },

    forward() {
        this.goTo(Math.floor(this.at + 1e-6) + 1);
    },

    back() {
        this.goTo(Math.ceil(this.at - 1e-6) - 1);
    },

    /* Flaps of the pages, shut when their leaf turns on. */
    openFlap(flap) {
        flap.classList.toggle('is-open');
    },

    openFlaps() {
        const flaps = [...this.world.querySelectorAll('.turned-flap')];
        const isOpen = flaps.some((flap) => flap.classList.contains('is-open'));
        flaps.forEach((flap) => flap.classList.toggle('is-open', !isOpen));
    },

    grab(event) {
        this.pressed = event.target.closest('.turned-flap');
        this.held = { x: event.clientX, y: event.clientY, spin: this.spin, tilt: this.tilt };
        this.$refs.theatre.setPointerCapture(event.pointerId);
    },

    drag(event) {
        if (!this.held) {
            return;
        }
        this.spin = this.held.spin + (event.clientX - this.held.x) * 0.4;
        this.tilt = Math.min(85, Math.max(-85, this.held.tilt - (event.clientY - this.held.y) * 0.4));
        this.turn();
    },

    letGo(event) {
        const isStill = this.held && event && Math.hypot(event.clientX - this.held.x, event.clientY - this.held.y) < 4;
        this.held = null;
        if (isStill && this.pressed) {
            this.openFlap(this.pressed);
        }
        this.pressed = null;
    },

    onKey(event) {
        if (event.target.closest('input, select, textarea') !== null || event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) {
            return;
        }
        const acts = { ' ': () => this.toggle(), ArrowRight: () => this.forward(), ArrowLeft: () => this.back(), b: () => this.flip(), f: () => this.openFlaps() };
        if (event.key === ' ' && event.target.closest('button, a, summary') !== null) {
            return;
        }
        if (acts[event.key]) {
            event.preventDefault();
            acts[event.key]();
        }
    },
});
