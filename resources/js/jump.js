/**
 * "Ask or jump" by keyboard: / opens it, arrows walk through what was found, Enter takes the first; two keys in a row
 * go to a place; ? shows them.
 */
export const keepJump = (htmx) => {
    const input = () => document.getElementById('jump');
    const hits = () => document.getElementById('jump-hits');
    const open = (shown) => {
        if (hits()) {
            hits().hidden = !shown;
        }
    };
    const typing = (target) => target.closest?.('input, textarea, select, [contenteditable]');
    let first = null;

    htmx.on('htmx:afterSwap', (event) => {
        if (event.detail.target?.id === 'jump-hits') {
            open(document.activeElement === input() || hits().contains(document.activeElement));
        } else if (event.detail.target?.id === 'page') {
            open(false);
        }
    });
    document.addEventListener('focusin', (event) => {
        if (hits() && !event.target.closest('.jump')) {
            open(false);
        }
    });
    document.addEventListener('click', (event) => {
        if (event.target.closest('#jump-hits a')) {
            open(false);
            input().value = '';
        } else if (hits() && !event.target.closest('.jump')) {
            open(false);
        }
    });

    const walk = (event) => {
        const links = [...hits().querySelectorAll('a')];
        const at = links.indexOf(document.activeElement);
        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            const next = at + (event.key === 'ArrowDown' ? 1 : -1);
            (next < 0 ? input() : (links[Math.min(next, links.length - 1)] ?? input())).focus();
        } else if (event.key === 'Enter' && event.target === input() && links[0] && !hits().hidden) {
            event.preventDefault();
            links[0].click();
        } else if (event.key === 'Escape') {
            open(false);
            input().value = '';
            document.getElementById('page').focus();
        }
    };

    document.addEventListener('keydown', (event) => {
        if (event.target.closest?.('.jump')) {
            walk(event);
            return;
        }
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            typing(event.target) ||
            event.target.closest?.('dialog')
        ) {
            return;
        }
        if (event.key === '/' && input()) {
            event.preventDefault();
            input().focus();
            input().select();
        } else if (event.key === '?') {
            event.preventDefault();
            document.getElementById('keys').showModal();
        } else if (first) {
            const link = document.querySelector(`#keys [data-keys="${first} ${CSS.escape(event.key)}"]`);
            first = null;
            if (link) {
                event.preventDefault();
                link.click();
            }
        } else if (event.key === 'g' || event.key === 'n') {
            first = event.key;
        }
    });
    document.addEventListener('click', (event) => {
        if (event.target.closest('#keys a')) {
            document.getElementById('keys').close();
        }
    });
};
