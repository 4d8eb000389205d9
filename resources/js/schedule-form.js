/**
 * Shows only the words of the sentence that belong to the chosen kind of rule, and to a method with a service ladder.
 * Without JavaScript all of them are shown.
 */
export const scheduleForm = () => ({
    init() {
        this.fit();
    },
    fit() {
        const rule = this.$root.querySelector('[name=rule]').value;
        // "Every 30" of days is not meant of weeks or months.
        if (this.rule !== undefined && this.rule !== rule && rule !== 'interval') {
            this.$root.querySelector('[name=every]').value = 1;
        }
        this.rule = rule;
        for (const part of this.$root.querySelectorAll('[data-rule]')) {
            part.hidden = !part.dataset.rule.split(' ').includes(rule);
        }
        const method = this.$root.querySelector('[name=method_id]').selectedOptions[0];
        for (const part of this.$root.querySelectorAll('[data-ladder-start]')) {
            part.hidden = method?.dataset.ladder === undefined;
        }
    },
});
