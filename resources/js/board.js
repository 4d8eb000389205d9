import Sortable from 'sortablejs';

/** The board of orders: a card goes into another column by drag, or by Shift and an arrow. */
export const board = () => ({
    init() {
        for (const list of this.lists()) {
            Sortable.create(list, {
                group: 'orders',
                sort: false,
                animation: 120,
                filter: '.none',
                onEnd: (event) => event.from !== event.to && this.send(event.item, event.to),
            });
        }
        this.$root.addEventListener('keydown', (event) => this.byKey(event));
    },
    lists() {
        return [...this.$root.querySelectorAll('ul')];
    },
    byKey(event) {
        const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        const card = event.target.closest('li');
        if (!event.shiftKey || step === undefined || card === null) {
            return;
        }
        event.preventDefault();
        const lists = this.lists();
        const to = lists[lists.indexOf(card.parentElement) + step];
        if (to !== undefined) {
            this.send(card, to);
        }
    },
    // Where nothing can be dropped the server says so, and the card is back where it was.
    send(card, list) {
        const form = document.getElementById('board-move');
        form.elements['orders[]'].value = card.dataset.order;
        form.elements.set.value = list.dataset.set;
        form.requestSubmit();
    },
});
