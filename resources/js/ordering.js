/* A sheet drawn by its letter to another place of its signature. The arrows beside it do the same a step at a time; the server moves it. */

export const ordering = () => ({
    sheet: null,

    take(event) {
        this.sheet = event.currentTarget.closest('li');
        event.currentTarget.setPointerCapture(event.pointerId);
        this.sheet.classList.add('is-held');
    },

    carry(event) {
        if (!this.sheet) {
            return;
        }
        const over = this.under(event);
        this.sheets().forEach((sheet) => sheet.classList.toggle('is-aim', sheet === over && sheet !== this.sheet));
    },

    lay(event) {
        if (!this.sheet) {
            return;
        }
        const sheet = this.sheet;
        const to = this.sheets().indexOf(this.under(event) ?? sheet);
        this.leave();
        if (to === this.sheets().indexOf(sheet)) {
            return;
        }
        const button = sheet.querySelector('button[name="to"]');
        button.disabled = false;
        button.value = to;
        button.click();
    },

    leave() {
        this.sheets().forEach((sheet) => sheet.classList.remove('is-aim', 'is-held'));
        this.sheet = null;
    },

    sheets() {
        return [...this.$root.children];
    },

    /** The nearest sheet by height: a hand may stray to the side. */
    under(event) {
        const sheets = this.sheets();
        return sheets.find((sheet) => event.clientY <= sheet.getBoundingClientRect().bottom) ?? sheets[sheets.length - 1];
    },
});
