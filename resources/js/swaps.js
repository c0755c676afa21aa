/* A change swaps the page under the hands: what was open stays open, and what is being typed is not lost. */

const typedIn = (element) => element instanceof HTMLInputElement && element.id !== '' && element.value !== element.defaultValue;

const folded = (root) => new Map([...root.querySelectorAll('details[id]')].map((details) => [details.id, details.open]));

const complain = (text) => {
    const said = document.createElement('p');
    said.className = 'said is-stop';
    said.setAttribute('role', 'alert');
    said.textContent = text;
    document.querySelector('main')?.prepend(said);
};

/** The opening one looks at is in sight in the strip of all of them. */
const showOpening = () => {
    const here = document.querySelector('.openings .is-here');
    if (here) {
        const strip = here.closest('.openings');
        strip.scrollLeft = here.offsetLeft - strip.offsetLeft - (strip.clientWidth - here.offsetWidth) / 2;
    }
};

export const keepPlace = (root) => {
    showOpening();
    let open = new Map();
    let typing = null;

    root.addEventListener('htmx:beforeSwap', () => {
        open = folded(root);
        const active = root.activeElement;
        typing = typedIn(active) ? { id: active.id, value: active.value, from: active.selectionStart, to: active.selectionEnd } : null;
    });

    root.addEventListener('htmx:afterSettle', () => {
        open.forEach((wasOpen, id) => {
            const details = root.getElementById(id);
            // What the server opened, because there is an error in it, stays open.
            if (details && wasOpen) {
                details.open = true;
            } else if (details && details.querySelector('.is-invalid') === null) {
                details.open = wasOpen;
            }
        });
        const field = typing && root.getElementById(typing.id);
        if (field && field.value !== typing.value && !field.classList.contains('is-invalid')) {
            field.value = typing.value;
            field.focus();
            field.setSelectionRange?.(typing.from, typing.to);
        }
        typing = null;
        showOpening();
    });

    ['htmx:responseError', 'htmx:sendError'].forEach((name) => root.addEventListener(name, () => {
        complain('That did not get through: nothing was changed. Reload the page and make the change again.');
    }));
};
