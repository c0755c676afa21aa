/* A word of the trade that is pressed says what it means where it stands. Without a script it leads to the list of all words. */

export const words = (root) => root.addEventListener('click', async (event) => {
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
