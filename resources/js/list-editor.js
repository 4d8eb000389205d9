import { sortable } from './sorting';

/**
 * Lines of a form that can be added, taken away and moved: the steps and the labour of a method. Without JavaScript,
 * empty lines stand ready.
 */
export const listEditor = () => ({
    init() {
        sortable(this.$root.querySelector('[data-list]'), '.position', () => this.number());
        this.$root.addEventListener('change', (event) => event.target.matches('select.answer') && this.fit());
        this.fit();
    },
    /** Only what the chosen kind of answer needs is asked. */
    fit() {
        for (const chosen of this.$root.querySelectorAll('select.answer')) {
            chosen.closest('li').dataset.answer = chosen.value;
        }
    },
    add() {
        const list = this.$root.querySelector('[data-list]');
        const line = list.lastElementChild.cloneNode(true);
        for (const input of line.querySelectorAll('input, textarea, select')) {
            if (input.type === 'checkbox') {
                input.checked = false;
            } else {
                input.value = input.dataset.initial ?? '';
            }
            input.removeAttribute('aria-invalid');
        }
        line.querySelectorAll('.error').forEach((error) => error.remove());
        list.append(line);
        this.number();
        this.fit();
        line.querySelector('input, select').focus();
    },
    remove(event) {
        const list = this.$root.querySelector('[data-list]');
        if (list.children.length > 1) {
            event.target.closest('li').remove();
            this.number();
        } else {
            list.querySelectorAll('input:not([type=checkbox]), textarea').forEach((input) => {
                input.value = '';
            });
        }
    },
    up(event) {
        const line = event.target.closest('li');
        line.previousElementSibling?.before(line);
        this.number();
        event.target.focus();
    },
    number() {
        [...this.$root.querySelector('[data-list]').children].forEach((line, i) => {
            const position = line.querySelector('.position');
            if (position) {
                position.textContent = i + 1;
            }
            for (const input of line.querySelectorAll('[name]')) {
                input.name = input.name.replace(/\[\d+\]/, `[${i}]`);
                if (input.id) {
                    const id = input.id.replace(/-\d+-/, `-${i}-`);
                    line.querySelectorAll(`label[for="${input.id}"]`).forEach((label) => {
                        label.htmlFor = id;
                    });
                    input.id = id;
                }
            }
            for (const named of line.querySelectorAll('[aria-label]')) {
                named.setAttribute('aria-label', named.getAttribute('aria-label').replace(/\d+/, i + 1));
            }
        });
    },
});
