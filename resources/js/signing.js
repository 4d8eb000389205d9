import SignaturePad from 'signature_pad';

/** A signature drawn with finger, pen or mouse; it goes to the server as a picture. */
export const signing = () => ({
    init() {
        const canvas = this.$root.querySelector('canvas');
        this.field = this.$root.querySelector('[name="drawn"]');
        this.pad = new SignaturePad(canvas, { backgroundColor: '#ffffff', penColor: '#1d2930' });
    },
    wipe() {
        this.pad.clear();
    },
    put() {
        this.field.value = this.pad.isEmpty() ? '' : this.pad.toDataURL('image/png');
    },
});
