const DAY = 86400000;

const plus = (iso, days) => new Date(Date.parse(`${iso}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);

const shift = (link, days, width) => {
    link.dataset.days = days;
    link.classList.toggle('moving', days !== 0);
    days === 0
        ? link.removeAttribute('transform')
        : link.setAttribute('transform', `translate(${(days * width).toFixed(1)} 0)`);
    link.querySelector('.label').textContent = days === 0 ? link.dataset.label : plus(link.dataset.from, days);
};

const begin = (link) => {
    link.dataset.label ??= link.querySelector('.label').textContent;
};

/**
 * Moves an order on the horizon to another day: by drag, or by arrow keys and Enter. The server decides, and offers
 * to undo it.
 */
export const moveOnHorizon = (htmx) => {
    const send = (link) => {
        const days = Number(link.dataset.days ?? 0);
        if (days !== 0) {
            htmx.ajax('POST', link.dataset.move, {
                source: link,
                target: '#page',
                swap: 'morph',
                values: { _method: 'PUT', planned_on: plus(link.dataset.from, days), version: link.dataset.version },
            });
        }
    };
    const width = (link) => Number(link.ownerSVGElement.dataset.day);
    let held = null;
    document.addEventListener('pointerdown', (event) => {
        const link = event.target.closest?.('a[data-move]');
        if (link && event.button === 0) {
            begin(link);
            held = {
                link,
                from: event.clientX,
                scale:
                    link.ownerSVGElement.viewBox.baseVal.width / link.ownerSVGElement.getBoundingClientRect().width,
            };
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (held) {
            shift(
                held.link,
                Math.round(((event.clientX - held.from) * held.scale) / width(held.link)),
                width(held.link),
            );
        }
    });
    document.addEventListener('pointerup', () => {
        if (held) {
            const { link } = held;
            held = null;
            if (Number(link.dataset.days ?? 0) !== 0) {
                link.addEventListener(
                    'click',
                    (event) => {
                        event.preventDefault();
                        event.stopImmediatePropagation();
                    },
                    { once: true, capture: true },
                );
                send(link);
            }
        }
    });
    document.addEventListener('dragstart', (event) => {
        if (event.target.closest?.('a[data-move]')) {
            event.preventDefault();
        }
    });
    document.addEventListener('keydown', (event) => {
        const link = event.target.closest?.('a[data-move]');
        const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (!link) {
            return;
        }
        if (step) {
            event.preventDefault();
            begin(link);
            shift(link, Number(link.dataset.days ?? 0) + step * (event.shiftKey ? 7 : 1), width(link));
        } else if (event.key === 'Enter' && Number(link.dataset.days ?? 0) !== 0) {
            event.preventDefault();
            send(link);
        } else if (event.key === 'Escape' && link.dataset.label) {
            shift(link, 0, width(link));
        }
    });
};
