const items = (tree) =>
    [...tree.querySelectorAll('[role=treeitem]')].filter(
        (item) => !item.parentElement.closest('[role=treeitem][aria-expanded=false]'),
    );

const focus = (tree, item) => {
    for (const other of tree.querySelectorAll('[role=treeitem][tabindex="0"]')) {
        other.tabIndex = -1;
    }
    item.tabIndex = 0;
    item.focus();
};

import { say } from './frame';

/**
 * The register as a tree: levels come as they are opened; nodes are moved by drag, or picked up and put down by key.
 */
export const keepTree = (htmx) => {
    let picked = null;

    const open = async (item, wanted) => {
        if (!item.hasAttribute('aria-expanded')) {
            return;
        }
        const group = item.querySelector(':scope > [role=group]');
        if (wanted && group.children.length === 0) {
            const answer = await fetch(`/tree?of=${item.dataset.node}`, { headers: { 'HX-Request': 'true' } }).catch(
                () => null,
            );
            if (!answer?.ok) {
                say('The server did not answer. Try again in a moment.');
                return;
            }
            group.innerHTML = await answer.text();
            htmx.process(group);
        }
        item.setAttribute('aria-expanded', wanted);
    };

    const putDown = (tree, into) => {
        const form = document.getElementById('tree-move');
        if (!picked || !form || picked === into) {
            return;
        }
        form.elements.what.value = picked.dataset.node;
        form.elements.into.value = into === null ? 'site' : into.dataset.node;
        picked = null;
        htmx.trigger(form, 'submit');
    };

    const lay = (tree) => {
        tree.querySelectorAll('.picked, .over').forEach((item) => item.classList.remove('picked', 'over'));
        picked = null;
    };

    const pick = (item) => {
        picked = item;
        item.classList.add('picked');
    };

    document.addEventListener(
        'click',
        (event) => {
            const twist = event.target.closest?.('[data-twist]');
            if (twist) {
                event.preventDefault();
                const item = twist.closest('[role=treeitem]');
                open(item, item.getAttribute('aria-expanded') !== 'true');
            }
        },
        true,
    );

    document.addEventListener(
        'keydown',
        async (event) => {
            const item = event.target.closest?.('.tree [role=treeitem]');
            if (!item || event.target !== item || event.ctrlKey || event.metaKey || event.altKey) {
                return;
            }
            const tree = item.closest('.tree');
            const all = items(tree);
            const at = all.indexOf(item);
            const act = {
                ArrowDown: () => all[at + 1] && focus(tree, all[at + 1]),
                ArrowUp: () => all[at - 1] && focus(tree, all[at - 1]),
                Home: () => focus(tree, all[0]),
                End: () => focus(tree, all[all.length - 1]),
                ArrowRight: async () => {
                    if (item.getAttribute('aria-expanded') === 'false') {
                        await open(item, true);
                    } else {
                        const child = item.querySelector(':scope > [role=group] > [role=treeitem]');
                        child && focus(tree, child);
                    }
                },
                ArrowLeft: () => {
                    if (item.getAttribute('aria-expanded') === 'true') {
                        open(item, false);
                    } else {
                        const parent = item.parentElement.closest('[role=treeitem]');
                        parent && focus(tree, parent);
                    }
                },
                Enter: () => item.querySelector('.goes').click(),
                m: () => {
                    if (!tree.hasAttribute('data-movable')) {
                        return;
                    }
                    if (picked) {
                        const into = picked === item ? undefined : item;
                        into === undefined ? lay(tree) : putDown(tree, into);
                    } else {
                        pick(item);
                        say(
                            `${item.dataset.name} is picked up. Go to where it belongs and press m again; ` +
                                `Escape leaves it.`,
                            true,
                        );
                    }
                },
                Escape: () => picked && (lay(tree), say('Left where it was.', true)),
            }[event.key];
            if (act) {
                event.preventDefault();
                event.stopPropagation();
                await act();
            }
        },
        true,
    );

    document.addEventListener('pointerdown', (event) => {
        const line = event.target.closest?.('.tree[data-movable] .line');
        if (line && event.pointerType === 'mouse') {
            line.draggable = true;
        }
    });
    document.addEventListener('dragstart', (event) => {
        const line = event.target.closest?.('.tree[data-movable] .line');
        if (line) {
            event.dataTransfer.effectAllowed = 'move';
            event.dataTransfer.setData('text/plain', line.closest('[role=treeitem]').dataset.name);
            pick(line.closest('[role=treeitem]'));
        }
    });
    document.addEventListener('dragover', (event) => {
        const over = event.target.closest?.('.tree .line');
        document.querySelectorAll('.tree .over').forEach((item) => item.classList.remove('over'));
        if (picked && over && over.closest('[role=treeitem]') !== picked) {
            event.preventDefault();
            over.closest('[role=treeitem]').classList.add('over');
        }
    });
    document.addEventListener('drop', (event) => {
        const over = event.target.closest?.('.tree .line');
        if (picked && over) {
            event.preventDefault();
            putDown(over.closest('.tree'), over.closest('[role=treeitem]'));
        }
    });
    document.addEventListener('dragend', () => document.querySelectorAll('.tree').forEach(lay));
};
