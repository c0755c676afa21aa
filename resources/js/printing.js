/* A print is begun when one reaches for it, so that it is there when it is pressed; the one that takes longest when one comes to look. */

const PRINT = '/print/';

let asked = '';

const begin = (what) => {
    const form = what instanceof HTMLFormElement && `${what.action}?${new URLSearchParams(new FormData(what))}`;
    const address = form || what.href;
    // Of each print the last one is kept, so it is asked for again when another one was meanwhile.
    if (address !== asked) {
        asked = address;
        // Nobody sees what is answered: what is wrong with it is said when it is pressed.
        fetch(address, { method: 'HEAD', headers: { Accept: 'application/json' }, priority: 'low' }).catch(() => {});
    }
};

export const reaching = (page) => {
    for (const reach of ['pointerover', 'focusin', 'change']) {
        page.addEventListener(reach, ({ target }) => {
            const what = target instanceof Element && target.closest(`form[action*="${PRINT}"], a[href*="${PRINT}"]`);
            what && begin(what);
        });
    }
};

export const printing = () => ({
    init() {
        begin(this.$el);
    },
});
