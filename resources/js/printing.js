/* A print is begun when one reaches for it, so that it is there when it is pressed; the one that takes longest when one comes to look. */

export const printing = () => ({
    asked: new Set(),
    init() {
        this.ask(this.$el.querySelector('form[data-long]'));
    },
    reach({ target }) {
        this.ask(target.closest('form'));
    },
    ask(form) {
        const address = form && `${form.action}?${new URLSearchParams(new FormData(form))}`;
        if (!address || this.asked.has(address)) {
            return;
        }
        this.asked.add(address);
        // Nobody sees what is answered: what is wrong with it is said when it is pressed.
        fetch(address, { method: 'HEAD', headers: { Accept: 'application/json' }, priority: 'low' }).catch(() => {});
    },
});
