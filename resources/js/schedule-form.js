/** Shows only the words of the sentence that belong to the chosen kind of rule. Without JavaScript all of them are shown. */
export const scheduleForm = () => ({
    init() {
        this.fit();
    },
    fit() {
        const rule = this.$root.querySelector('[name=rule]').value;
        for (const part of this.$root.querySelectorAll('[data-rule]')) {
            part.hidden = !part.dataset.rule.split(' ').includes(rule);
        }
    },
});
