import { isAwaited, say } from './frame';

/**
 * Parts of a page that come after it. The server sends them later only where it knows that scripts run, which this
 * cookie says.
 */
export const keepAwaited = (htmx) => {
    document.cookie = 'scripts=1; path=/; SameSite=Lax';
    // A page that was left meanwhile takes nothing of what was meant for it.
    htmx.on('htmx:beforeSwap', (event) => {
        if (isAwaited(event) && !document.contains(event.detail.requestConfig.elt)) {
            event.detail.shouldSwap = false;
        }
    });
    htmx.on('htmx:afterRequest', (event) => {
        if (!isAwaited(event)) {
            return;
        }
        if (event.detail.successful) {
            document.getElementById(decodeURIComponent(location.hash.slice(1)))?.scrollIntoView();
        } else {
            document.querySelector('#rest .awaited')?.classList.add('missing');
            say('A part of this page did not come. Load the page again in a moment.');
        }
    });
};
