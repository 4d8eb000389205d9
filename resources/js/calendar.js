const DAY = 86400000;

const plus = (iso, days) => new Date(Date.parse(`${iso}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);

/**
 * Moves what stands on a day of the calendar to another: by drag, or by arrow keys and Enter. The server decides, and
 * offers to undo it.
 */
export const moveOnCalendar = (htmx) => {
    const send = (item, day) => {
        if (day !== item.dataset.from) {
            htmx.ajax('POST', item.dataset.calendar, {
                source: item,
                target: '#page',
                swap: 'morph',
                values: { _method: 'PUT', [item.dataset.field]: day, version: item.dataset.version },
            });
        }
    };
    const cell = (day) => document.querySelector(`.calendar td[data-day="${day}"]`);
    const point = (day) => {
        document.querySelectorAll('.calendar td.aim').forEach((one) => one.classList.remove('aim'));
        cell(day)?.classList.add('aim');
    };
    let held = null;
    document.addEventListener('dragstart', (event) => {
        held = event.target.closest?.('[data-calendar]') ?? null;
        event.dataTransfer?.setData('text/plain', held?.dataset.from ?? '');
    });
    document.addEventListener('dragover', (event) => {
        const over = held && event.target.closest?.('.calendar td[data-day]');
        if (over) {
            event.preventDefault();
            point(over.dataset.day);
        }
    });
    document.addEventListener('drop', (event) => {
        const over = held && event.target.closest?.('.calendar td[data-day]');
        if (over) {
            event.preventDefault();
            send(held, over.dataset.day);
        }
        held = null;
        point(null);
    });
    document.addEventListener('keydown', (event) => {
        const item = event.target.closest?.('[data-calendar]');
        const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }[event.key];
        if (!item) {
            return;
        }
        if (step) {
            const day = plus(item.dataset.to ?? item.dataset.from, step);
            event.preventDefault();
            if (cell(day)) {
                item.dataset.to = day;
                point(day);
            }
        } else if (event.key === 'Enter' && item.dataset.to && item.dataset.to !== item.dataset.from) {
            event.preventDefault();
            send(item, item.dataset.to);
        } else if (event.key === 'Escape') {
            delete item.dataset.to;
            point(null);
        }
    });
};
