import { isAwaited, say } from './frame';

/** Goes to the section that the address names, and opens its form where a button of the head leads to it. */
const goToNamed = () => {
    const name = decodeURIComponent(location.hash.slice(1));
    const section = name === '' ? null : document.getElementById(name);
    if (section === null) {
        return;
    }
    if (document.querySelector(`[data-opens="${CSS.escape(name)}"]`) !== null) {
        section.querySelector('details')?.setAttribute('open', '');
    }
    section.scrollIntoView();
};

/**
 * Parts of a page that come after it. The server sends them later only where it knows that scripts run, which this
 * cookie says.
 */
export const keepAwaited = (htmx) => {
    document.cookie = 'scripts=1; path=/; SameSite=Lax';
    const isLeft = (event) => !document.contains(event.detail.requestConfig.elt);
    // A page that was left meanwhile takes nothing of what was meant for it.
    htmx.on('htmx:beforeSwap', (event) => {
        if (isAwaited(event) && isLeft(event)) {
            event.detail.shouldSwap = false;
        }
    });
    htmx.on('htmx:afterRequest', (event) => {
        if (!isAwaited(event)) {
            return;
        }
        if (event.detail.successful) {
            goToNamed();
        } else if (!isLeft(event)) {
            document.querySelector('#rest .awaited')?.classList.add('missing');
            say('A part of this page did not come. Load the page again in a moment.');
        }
    });
};
