/** Small things that the browser does at once: printing, saying how many are chosen, taking its own time zone. */
export const smallThings = () => {
    document.addEventListener('click', (event) => {
        if (event.target.closest('[data-print]')) {
            window.print();
        }
        // A button in the head opens the form that it leads to.
        const opens = event.target.closest('[data-opens]');
        const form = opens && document.querySelector(`#${opens.dataset.opens} details`);
        if (form) {
            form.open = true;
            form.querySelector('input:not([type=hidden]), select')?.focus();
        }
    });
    document.addEventListener('change', (event) => {
        const button = document.querySelector('[data-counts]');
        if (button === null || event.target.name !== button.dataset.counts) {
            return;
        }
        button.dataset.all ??= button.textContent.trim();
        const chosen = document.querySelectorAll(`[name="${button.dataset.counts}"]:checked`).length;
        button.textContent =
            chosen === 0
                ? button.dataset.all
                : chosen === 1
                  ? button.dataset.one
                  : button.dataset.many.replace('#', chosen);
    });
    const zone = document.querySelector('form[action="/first"] select[name=timezone]');
    const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (zone !== null && [...zone.options].some((option) => option.value === own)) {
        zone.value = own;
    }
};
