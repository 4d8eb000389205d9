/**
 * Offers the levels that stand in the field for the service ladder to every step and line of labour, as they are
 * typed.
 */
export const levels = () => ({
    init() {
        this.field = document.querySelector('[name="ladder"]');
        this.field?.addEventListener('input', () => this.offer());
        this.offer();
    },
    /** The same reading as the server's, which has the last word: "small 1, medium 2, large 4". */
    read() {
        return this.field.value
            .split(',')
            .map((part) => part.trim().match(/^(\S.*?)\s+(\d{1,3})$/))
            .filter(Boolean)
            .map(([, name, multiple]) => [multiple, name])
            .sort((a, b) => a[0] - b[0]);
    },
    offer() {
        const offered = this.read();
        for (const select of this.$root.querySelectorAll('select.level')) {
            const chosen = select.value;
            select.replaceChildren(
                ...(offered.length ? offered : [['1', 'every visit']]).map(
                    ([multiple, name]) => new Option(name, multiple),
                ),
            );
            select.value = [...select.options].some((option) => option.value === chosen) ? chosen : '1';
            select.hidden = offered.length === 0;
        }
    },
});
