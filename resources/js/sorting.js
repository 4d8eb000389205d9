import Sortable from 'sortablejs';

/**
 * Lets the lines of a list be dragged by their handle, by mouse and finger alike and not as the browser drags files;
 * the keys that move a line stand in the line itself.
 */
export const sortable = (list, handle, moved) => {
    const held = (on) => document.body.toggleAttribute('data-holding', on);

    return Sortable.create(list, {
        handle,
        animation: 120,
        forceFallback: true,
        fallbackTolerance: 4,
        onStart: () => held(true),
        onEnd: () => {
            held(false);
            moved();
        },
    });
};

/** Stops of a round: dragged or moved by button, and saved at once. */
export const roundOrder = () => ({
    init() {
        sortable(this.$root.querySelector('[data-list]'), '.position', () => this.save());
    },
    up(event) {
        const line = event.target.closest('li');
        line.previousElementSibling?.before(line);
        this.save(line.querySelector('button').dataset.station);
    },
    save() {
        const form = this.$root.querySelector('form[data-order]');
        form.querySelector('[name="stations"]').value = [...this.$root.querySelectorAll('[data-list] > li')]
            .map((line) => line.dataset.station)
            .join(',');
        form.requestSubmit();
    },
});
