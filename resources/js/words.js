/* A word of the trade that is pressed says what it means where it stands. Without a script it leads to the list of all words. */

const namesOf = (word) => {
    const [name, also] = [word.querySelector('dt')?.firstChild?.textContent, word.querySelector('dt .quiet')?.textContent];
    return [name, ...(also ?? '').split(',')].map((each) => (each ?? '').trim().toLowerCase()).filter(Boolean);
};

/* All words that a page uses, on buttons and in headings too, stand where `?` is pressed. */
const sayWordsHere = async (root, place) => {
    const answer = await fetch('/words').catch(() => null);
    if (!answer?.ok) {
        return;
    }
    const list = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelectorAll('.words > [id]');
    const text = (root.querySelector('main')?.innerText ?? '').toLowerCase();
    const isUsed = (name) => new RegExp(`(?<![\\p{L}-])${name.replace(/[^\p{L}\d ]/gu, '.')}(?![\\p{L}-])`, 'u').test(text);
    const links = [...list].filter((word) => namesOf(word).some(isUsed)).map((word) => {
        const link = root.createElement('a');
        link.className = 'word';
        link.href = `/words#${word.id}`;
        link.dataset.word = word.id;
        link.textContent = word.querySelector('dt').firstChild.textContent.trim();

        return link;
    });
    place.replaceChildren('Words on this page: ', ...links.flatMap((link, index) => (index === 0 ? [link] : [', ', link])), '.');
    place.hidden = links.length === 0;
};

const onHelp = (root) => {
    const place = root.getElementById('words-here');
    const help = place?.closest('dialog');
    if (help) {
        new MutationObserver(() => help.open && sayWordsHere(root, place)).observe(help, { attributeFilter: ['open'] });
    }
};

export const words = (root) => {
    onHelp(root);
    onWords(root);
};

const onWords = (root) => root.addEventListener('click', async (event) => {
    const word = event.target.closest('a.word[data-word]');
    const dialog = root.getElementById('word');
    if (!word || !dialog || event.ctrlKey || event.metaKey || event.shiftKey) {
        return;
    }
    event.preventDefault();
    const answer = await fetch(`/words/${word.dataset.word}`).catch(() => null);
    if (!answer?.ok) {
        window.location.assign(word.href);
        return;
    }
    dialog.querySelector('.meaning').innerHTML = await answer.text();
    dialog.showModal();
});
