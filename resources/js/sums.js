/* A sum in a field for a length: what it comes to shows before it is taken. It is worked out where all else is. */

const AFTER = 180;

const LOOKS_LIKE_A_SUM = /[*·÷()+]|\d\s*\/\s*\d+\s*[-/*+]|\d\S*\s+-|\d-\d|\b(half|third|quarter|fifth|sixth|eighth|twice|times)/;

const shownBeside = (field) => {
    const holder = field.closest('.with-unit, .asked') ?? field;
    const there = holder.nextElementSibling;
    if (there?.classList.contains('sum')) {
        return there;
    }
    const shown = document.createElement('output');
    shown.className = 'field-note sum';
    holder.after(shown);
    return shown;
};

export const sums = (root) => {
    let waiting = null;
    root.addEventListener('input', (event) => {
        const field = event.target;
        if (!(field instanceof HTMLInputElement) || field.dataset.length === undefined) {
            return;
        }
        clearTimeout(waiting);
        if (!LOOKS_LIKE_A_SUM.test(field.value)) {
            const beside = (field.closest('.with-unit, .asked') ?? field).nextElementSibling;
            beside?.classList.contains('sum') && beside.remove();
            return;
        }
        const stage = root.getElementById('stage')?.dataset ?? {};
        waiting = setTimeout(async () => {
            const asked = new URLSearchParams({ typed: field.value, unit: stage.unit ?? field.form?.elements.unit?.value ?? 'in', grid: stage.grid ?? '' });
            const answer = await fetch(`/eighths/sum?${asked}`).catch(() => null);
            if (answer?.ok && field.isConnected && asked.get('typed') === field.value) {
                shownBeside(field).textContent = await answer.text();
            }
        }, AFTER);
    });
};
