/** The photo of a report: shown as it is chosen, with a ring on the spot that is tapped. */
export const reporting = () => ({
    show() {
        const [file] = this.$refs.file.files;
        const isPicture = file !== undefined && file.type.startsWith('image/');
        this.$refs.frame.hidden = !isPicture;
        this.$refs.hint.hidden = !isPicture;
        this.$refs.spot.value = '';
        this.$refs.take.textContent = file === undefined ? 'Add a photo' : 'Another photo';
        if (isPicture) {
            this.$refs.photo.src = URL.createObjectURL(file);
        }
    },
    mark(event) {
        const box = this.$refs.photo.getBoundingClientRect();
        const part = (value, from, size) => Math.max(0, Math.min(1000, Math.round((1000 * (value - from)) / size)));
        const [x, y] = [part(event.clientX, box.left, box.width), part(event.clientY, box.top, box.height)];
        this.$refs.ring.setAttribute('cx', x);
        this.$refs.ring.setAttribute('cy', y);
        this.$refs.spot.value = `${x} ${y}`;
        this.$refs.hint.hidden = true;
    },
});
