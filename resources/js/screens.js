/* What lives in the browser only: keys, a slider, a timer. Nothing is computed about paper here. */

const isTyping = (event) => event.target.closest('input, select, textarea, [contenteditable]') !== null;

const hasModifier = (event) => event.ctrlKey || event.metaKey || event.altKey;

const submit = (name) => {
    const form = document.querySelector(`[data-key-form="${name}"]`);
    form?.requestSubmit();
    return form !== null;
};

/** The page: help on ?, both units on u, undo and redo. */
export const shell = () => ({
    bothUnits: localStorage.getItem('both-units') === 'yes',

    onKey(event) {
        if (isTyping(event)) {
            return;
        }
        const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z';
        if (undo) {
            if (submit(event.shiftKey ? 'redo' : 'undo')) {
                event.preventDefault();
            }
            return;
        }
        if (hasModifier(event)) {
            return;
        }
        if (event.key === '?') {
            this.$refs.keys.showModal();
        }
        if (event.key === 'u') {
            this.bothUnits = !this.bothUnits;
            localStorage.setItem('both-units', this.bothUnits ? 'yes' : 'no');
        }
        const stage = document.querySelector(`[data-stage-key="${event.key}"]`);
        if (stage) {
            stage.click();
        }
    },
});

/** The strip is one stop of the Tab key; arrows go along it, and the stages have their numbers. */
export const stages = () => ({
    init() {
        this.$root.querySelectorAll('a').forEach((link) => {
            link.tabIndex = link.getAttribute('aria-current') === 'page' ? 0 : -1;
        });
    },

    onKey(event) {
        const way = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
        const links = [...this.$root.querySelectorAll('a')];
        const at = links.indexOf(event.target);
        if (way && at >= 0) {
            event.preventDefault();
            event.stopPropagation();
            links[(at + way + links.length) % links.length].focus();
        }
    },
});

/** What dries: how long it still wants to lie. */
export const drying = (until) => ({
    now: Date.now(),
    ticking: null,

    init() {
        this.ticking = setInterval(() => {
            this.now = Date.now();
        }, 1000);
    },

    destroy() {
        clearInterval(this.ticking);
    },

    left() {
        const seconds = Math.max(0, Math.round((until - this.now) / 1000));
        return seconds === 0 ? 'no more: it is ready' : `for ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} more`;
    },
});

/** A cut sheet: shows the cuts up to the one the slider is at. */
export const replay = (cuts) => ({
    cuts,
    // One past the last cut: the whole sheet, nothing singled out.
    at: cuts + 1,

    init() {
        this.show();
        this.$watch('at', () => this.show());
    },

    show() {
        this.$root.querySelectorAll('.cut-step').forEach((step) => {
            const number = Number(step.dataset.step);
            step.classList.toggle('is-ahead', number > Number(this.at));
            step.classList.toggle('is-now', number === Number(this.at));
        });
    },

    isAt(number) {
        return Number(this.at) === number;
    },

    isBefore(number) {
        return Number(this.at) < number;
    },

    forward() {
        this.at = Math.min(this.cuts + 1, Number(this.at) + 1);
    },

    back() {
        this.at = Math.max(0, Number(this.at) - 1);
    },
});

/** At the trimmer: space makes the cut, ← takes it back. */
export const trimmer = () => ({
    onKey(event) {
        if (isTyping(event) || hasModifier(event) || document.querySelector('dialog[open]')) {
            return;
        }
        if (event.key === ' ' && event.target.closest('button, a, summary') === null) {
            event.preventDefault();
            this.$refs.cut.requestSubmit();
        }
        if (event.key === 'ArrowLeft' && event.target.closest('.pattern') === null) {
            event.preventDefault();
            this.$refs.back?.requestSubmit();
        }
    },
});

/* Seconds without a touch after which one is asked. */
const IDLE = 15 * 60;

/** The bench: space or → is done and next, ← goes back, m notes, t times. */
export const bench = (clock) => ({
    seconds: clock.seconds,
    running: null,
    asks: false,
    idle: 0,

    minutesIdle() {
        return Math.round(this.idle / 60);
    },

    init() {
        if (clock.running) {
            this.run();
        }
        this.touched = () => {
            if (!this.asks) {
                this.idle = 0;
            }
        };
        ['pointerdown', 'keydown', 'touchstart'].forEach((name) => window.addEventListener(name, this.touched, { passive: true }));
        const here = this.$root.querySelector('.step-list .is-here');
        if (here) {
            const list = here.closest('.step-list');
            list.scrollTop = here.offsetTop - list.offsetTop - list.clientHeight / 3;
        }
    },

    onKey(event) {
        if (isTyping(event) || hasModifier(event) || document.querySelector('dialog[open]')) {
            return;
        }
        const onControl = event.target.closest('button, a, summary') !== null;
        if ((event.key === ' ' && !onControl) || event.key === 'ArrowRight') {
            event.preventDefault();
            this.$refs.done.requestSubmit();
        }
        if (event.key === 'ArrowLeft') {
            event.preventDefault();
            this.$refs.before?.click();
        }
        if (event.key === 'm') {
            event.preventDefault();
            const note = this.$refs.note;
            const folded = note.closest('details');
            if (folded) {
                folded.open = true;
            }
            note.focus();
        }
        if (event.key === 't') {
            this.toggleTimer();
        }
    },

    toggleTimer() {
        this.running ? this.rest() : this.run();
        this.tell(this.running !== null);
    },

    run() {
        this.running ??= setInterval(() => {
            this.seconds++;
            this.idle++;
            this.asks = this.asks || this.idle >= IDLE;
        }, 1000);
    },

    rest() {
        clearInterval(this.running);
        this.running = null;
    },

    worked() {
        this.asks = false;
        this.idle = 0;
    },

    forgot() {
        this.rest();
        this.seconds = Math.max(0, this.seconds - this.idle);
        this.tell(false, this.idle);
        this.worked();
    },

    /* The clock itself is kept by the server: it runs on whatever is looked at, and with another page. */
    tell(run, forgotten = 0) {
        const token = document.querySelector('input[name="_token"]')?.value ?? '';
        fetch(clock.address, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token },
            body: JSON.stringify({ step: clock.step, run, forgotten }),
        }).catch(() => {});
    },

    destroy() {
        this.rest();
        ['pointerdown', 'keydown', 'touchstart'].forEach((name) => window.removeEventListener(name, this.touched));
    },

    clock() {
        const minutes = String(Math.floor(this.seconds / 60)).padStart(2, '0');
        return `${minutes}:${String(this.seconds % 60).padStart(2, '0')}`;
    },
});
