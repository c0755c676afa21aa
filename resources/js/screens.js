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

/** The bench: space or → is done and next, ← goes back, m notes, t times. */
export const bench = () => ({
    seconds: 0,
    running: null,

    init() {
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
            this.$refs.note.focus();
        }
        if (event.key === 't') {
            this.toggleTimer();
        }
    },

    toggleTimer() {
        if (this.running) {
            clearInterval(this.running);
            this.running = null;
            return;
        }
        this.running = setInterval(() => this.seconds++, 1000);
    },

    destroy() {
        clearInterval(this.running);
    },

    clock() {
        const minutes = String(Math.floor(this.seconds / 60)).padStart(2, '0');
        return `${minutes}:${String(this.seconds % 60).padStart(2, '0')}`;
    },
});
