/** The queue of a review by keys: up and down from order to order, c closes, s asks what is missing, Enter opens. */
export const reviewByKeys = () => {
    const lines = () => [...document.querySelectorAll('[data-review] > li')];
    const act = {
        c: (line) => line.querySelector('[data-close]')?.click(),
        s: (line) => {
            line.querySelector('details').open = true;
            line.querySelector('details input[name=note]').focus();
        },
        Enter: (line) => line.querySelector('a[href]').click(),
    };

    document.addEventListener('keydown', (event) => {
        const line = event.target.closest('[data-review] > li');
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[data-review]') === null) {
            return;
        }
        const isFree = !event.target.closest('input, textarea, select, button, a, summary');
        if (step !== undefined && isFree) {
            const all = lines();
            const next = all[line === null ? 0 : all.indexOf(line) + step];
            next?.focus();
            event.preventDefault();
        } else if (line !== null && line === event.target && act[event.key] !== undefined) {
            event.preventDefault();
            act[event.key](line);
        }
    });
};
