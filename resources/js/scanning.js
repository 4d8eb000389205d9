/**
 * Reads labels with the camera: by the browser itself where it can, else by a decoder that comes along when it is
 * needed.
 */
export const scanning = () => ({
    going: false,
    init() {
        if (navigator.mediaDevices?.getUserMedia) {
            this.$refs.start.hidden = false;
        } else {
            this.$refs.text.focus();
        }
    },
    destroy() {
        this.stop();
    },
    stop() {
        this.going = false;
        this.$refs.video?.srcObject?.getTracks().forEach((track) => track.stop());
    },
    say(text) {
        this.$refs.said.textContent = text;
    },
    async start() {
        const video = this.$refs.video;
        try {
            video.srcObject = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
        } catch {
            this.say('This device gave no camera. Allow it in the browser, or type what stands on the label.');
            this.$refs.text.focus();
            return;
        }
        video.hidden = false;
        await video.play();
        this.say('Looking for a label.');
        this.going = true;
        this.look(await this.decoder());
    },
    async decoder() {
        if (
            'BarcodeDetector' in window &&
            (await window.BarcodeDetector.getSupportedFormats()).includes('qr_code')
        ) {
            const detector = new window.BarcodeDetector({ formats: ['qr_code'] });
            return async (video) => (await detector.detect(video))[0]?.rawValue;
        }
        const { default: jsQR } = await import('jsqr');
        const canvas = document.createElement('canvas');
        return async (video) => {
            [canvas.width, canvas.height] = [video.videoWidth, video.videoHeight];
            const context = canvas.getContext('2d', { willReadFrequently: true });
            context.drawImage(video, 0, 0);
            return jsQR(context.getImageData(0, 0, canvas.width, canvas.height).data, canvas.width, canvas.height)
                ?.data;
        };
    },
    async look(decode) {
        if (!this.going || !this.$root.isConnected) {
            this.stop();
            return;
        }
        const text = this.$refs.video.videoWidth > 0 ? await decode(this.$refs.video).catch(() => null) : null;
        if (text) {
            this.stop();
            this.say('Found. Opening it.');
            location.assign(`/scan?text=${encodeURIComponent(text)}`);
            return;
        }
        requestAnimationFrame(() => this.look(decode));
    },
});
