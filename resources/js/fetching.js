/** Something that takes a moment to be written: a bar says how far it is, then the file is there. Without a script the form does it alone. */
export const fetching = () => ({
    // Between 0 and 1; nothing while it is being written and no length is known yet.
    share: null,
    isUnderWay: false,

    async take(event) {
        const form = event.target;
        event.preventDefault();
        this.isUnderWay = true;
        this.share = null;
        try {
            const answer = await fetch(`${form.action}?${new URLSearchParams(new FormData(form))}`);
            const name = /filename="([^"]+)"/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1];
            if (!answer.ok || !name) {
                // What was wrong is said by the page itself.
                form.submit();
                return;
            }
            const file = await this.read(answer);
            const link = Object.assign(document.createElement('a'), { href: URL.createObjectURL(file), download: name });
            link.click();
            window.setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
        } catch {
            form.submit();
        } finally {
            this.isUnderWay = false;
        }
    },

    async read(answer) {
        const whole = Number(answer.headers.get('Content-Length')) || 0;
        const reader = answer.body.getReader();
        const parts = [];
        let length = 0;
        for (let part = await reader.read(); !part.done; part = await reader.read()) {
            parts.push(part.value);
            length += part.value.length;
            this.share = whole > 0 ? length / whole : null;
        }

        return new Blob(parts, { type: answer.headers.get('Content-Type') ?? '' });
    },
});
