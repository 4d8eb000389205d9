/** A sentence at the foot of the page, read out at once. */
export const say = (text, good = false) => {
    const said = document.getElementById('said');
    const line = document.createElement('p');
    line.className = good ? 'said' : 'said said-bad';
    line.setAttribute('role', 'alert');
    line.textContent = text;
    said.replaceChildren(line);
};

/** Whether this is about the parts that come after a page, which nobody pressed for. */
export const isAwaited = (event) =>
    (event.detail.requestConfig?.elt ?? event.detail.elt)?.matches?.('[data-awaited]') ?? false;

const cookie = (name) =>
    document.cookie
        .split('; ')
        .find((pair) => pair.startsWith(`${name}=`))
        ?.slice(name.length + 1);

// The open record is marked in the index, whichever way one came to it.
const markCurrent = () => {
    for (const row of document.querySelectorAll('.index a[data-record]')) {
        row.toggleAttribute(
            'aria-current',
            location.pathname === row.dataset.record || location.pathname.startsWith(`${row.dataset.record}/`),
        );
    }
};

const moveInList = (event) => {
    const rows = [...document.querySelectorAll('.index a[data-record]')];
    const at = rows.indexOf(document.activeElement);
    const next = rows[at + (event.key === 'ArrowDown' ? 1 : -1)];
    if (at >= 0 && next) {
        event.preventDefault();
        next.focus();
    }
};

/**
 * What the frame does by itself: mark the open record, answer the keyboard, and say it when the server does not
 * answer.
 */
export const keepFrame = (htmx) => {
    htmx.on('htmx:configRequest', (event) => {
        // A session that began anew in another window has a new token; the cookie holds it, the form does not.
        const token = cookie('XSRF-TOKEN');
        if (event.detail.verb !== 'get' && token) {
            event.detail.parameters.delete?.('_token');
            event.detail.headers['X-XSRF-TOKEN'] = decodeURIComponent(token);
        }
    });
    htmx.on('htmx:beforeRequest', (event) => {
        if (!isAwaited(event)) {
            document.getElementById('said').replaceChildren();
        }
    });
    htmx.on('htmx:sendError', (event) => {
        if (isAwaited(event)) {
            return;
        }
        // It may have done it all the same: whoever presses again is told what it did, and it does nothing twice.
        const isForm = event.detail.requestConfig?.verb !== 'get';
        say(
            isForm
                ? 'The server did not answer. What you typed is still here: press again in a moment. Nothing is ' +
                      'done twice.'
                : 'The server did not answer. Try again in a moment.',
        );
    });
    htmx.on('htmx:beforeSwap', (event) => {
        // What is held in the hand is not taken out of it by the answer to the drag before; its own is on the way.
        if (document.body.hasAttribute('data-holding')) {
            event.detail.shouldSwap = false;
        }
        if (event.detail.isError) {
            event.detail.swapOverride = 'innerHTML';
        }
    });
    htmx.on('htmx:afterSettle', (event) => {
        markCurrent();
        if (event.detail.target?.id !== 'said' && !location.hash && !isAwaited(event)) {
            document.querySelector('.sheet .body')?.scrollTo(0, 0);
        }
    });
    htmx.on('htmx:historyRestore', markCurrent);
    document.addEventListener('keydown', (event) => {
        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            moveInList(event);
        } else if (event.key === 'Escape') {
            for (const menu of document.querySelectorAll('details.menu[open]')) {
                menu.removeAttribute('open');
                menu.querySelector('summary').focus();
            }
        }
    });
    document.addEventListener('click', (event) => {
        for (const menu of document.querySelectorAll('details.menu[open]')) {
            if (!menu.contains(event.target)) {
                menu.removeAttribute('open');
            }
        }
    });
    markCurrent();
};
