/* A print drawn onto a face: as if it were chosen and the face pressed. The server decides what that means. */

export const papering = () => ({
    take(event) {
        const tile = event.currentTarget.querySelector('input[type="radio"]');
        event.dataTransfer.setData('text/plain', tile.value);
        event.dataTransfer.effectAllowed = 'copy';
    },

    lay(event) {
        const tile = this.$root.querySelector(`input[name="paper"][value="${Number(event.dataTransfer.getData('text/plain'))}"]`);
        if (tile) {
            tile.checked = true;
            event.currentTarget.click();
        }
    },
});
