const NS = 'http://www.w3.org/2000/svg';

/**
 * Drawing on a photo: by mouse, finger or keyboard. What is drawn is kept as points in thousandths of the photo, and
 * drawn again by the server.
 */
export const marking = () => ({
    tool: 'arrow',
    marks: [],
    now: null,
    cross: [500, 500],
    init() {
        this.marks = JSON.parse(this.$refs.marks.value);
        this.draw();
    },
    choose(event) {
        this.tool = event.currentTarget.dataset.tool;
        for (const button of this.$root.querySelectorAll('[data-tool]')) {
            button.setAttribute('aria-pressed', button === event.currentTarget);
        }
        this.$refs.words.hidden = this.tool !== 'text';
        if (this.tool === 'text') {
            this.$refs.text.focus();
        }
    },
    at(event) {
        const box = this.$refs.canvas.querySelector('img').getBoundingClientRect();
        const part = (value, from, size) => Math.max(0, Math.min(1000, Math.round((1000 * (value - from)) / size)));
        return [part(event.clientX, box.left, box.width), part(event.clientY, box.top, box.height)];
    },
    down(event) {
        if (event.button !== 0) {
            return;
        }
        event.preventDefault();
        this.$refs.canvas.setPointerCapture(event.pointerId);
        this.begin(this.at(event));
    },
    begin(point) {
        if (this.tool === 'text') {
            const text = this.$refs.text.value.trim();
            if (text === '') {
                this.$refs.words.hidden = false;
                this.$refs.text.focus();
                return;
            }
            this.keep({ tool: 'text', points: [point], text });
            return;
        }
        this.now = { tool: this.tool, points: [point], text: '' };
    },
    move(event) {
        if (this.now) {
            this.reach(this.at(event));
        }
    },
    reach(point) {
        const points = this.now.points;
        if (this.now.tool === 'line') {
            const last = points[points.length - 1];
            if (points.length < 400 && Math.hypot(point[0] - last[0], point[1] - last[1]) >= 4) {
                points.push(point);
            }
        } else {
            points[1] = point;
        }
        this.draw();
    },
    up() {
        if (this.now && this.now.points.length > 1) {
            this.keep(this.now);
        }
        this.now = null;
        this.draw();
    },
    keep(mark) {
        this.marks.push(mark);
        this.$refs.marks.value = JSON.stringify(this.marks);
        this.draw();
    },
    undo() {
        this.marks.pop();
        this.$refs.marks.value = JSON.stringify(this.marks);
        this.draw();
    },
    wipe() {
        this.marks = [];
        this.$refs.marks.value = '[]';
        this.draw();
    },
    key(event) {
        const step = event.shiftKey ? 50 : 10;
        const way = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
            event.key
        ];
        if (way) {
            this.cross = this.cross.map((value, i) => Math.max(0, Math.min(1000, value + way[i])));
            this.now ? this.reach([...this.cross]) : this.draw();
        } else if (event.key === ' ') {
            this.now && this.tool !== 'text'
                ? (this.reach([...this.cross]), this.up())
                : this.begin([...this.cross]);
        } else if (event.key === 'Backspace') {
            this.now ? ((this.now = null), this.draw()) : this.undo();
        } else {
            return;
        }
        event.preventDefault();
    },
    draw() {
        const canvas = this.$refs.canvas;
        const [width, height] = [Number(canvas.dataset.width), Number(canvas.dataset.height)];
        const unit = Math.max(width, height) / 1000;
        const svg = canvas.querySelector('svg');
        svg.replaceChildren();
        const scaled = ([x, y]) => [(x * width) / 1000, (y * height) / 1000];
        const add = (parent, name, attributes, text) => {
            const element = document.createElementNS(NS, name);
            for (const [key, value] of Object.entries(attributes)) {
                element.setAttribute(key, value);
            }
            if (text) {
                element.textContent = text;
            }
            parent.append(element);
        };
        const shape = (group, mark) => {
            const points = mark.points.map(scaled);
            if (mark.tool === 'text') {
                add(group, 'text', { x: points[0][0], y: points[0][1], 'font-size': 30 * unit }, mark.text);
            } else if (points.length > 1 && mark.tool === 'ring') {
                const [[x1, y1], [x2, y2]] = points;
                add(group, 'ellipse', {
                    cx: (x1 + x2) / 2,
                    cy: (y1 + y2) / 2,
                    rx: Math.abs(x2 - x1) / 2,
                    ry: Math.abs(y2 - y1) / 2,
                });
            } else if (points.length > 1) {
                add(group, 'polyline', { points: points.join(' ') });
                if (mark.tool === 'arrow') {
                    const [[x1, y1], [x2, y2]] = points;
                    const angle = Math.atan2(y2 - y1, x2 - x1);
                    const wing = (turn) => [
                        x2 - 26 * unit * Math.cos(angle + turn),
                        y2 - 26 * unit * Math.sin(angle + turn),
                    ];
                    add(group, 'polyline', { points: [wing(0.45), [x2, y2], wing(-0.45)].join(' ') });
                }
            }
        };
        for (const mark of this.now ? [...this.marks, this.now] : this.marks) {
            for (const [name, stroke] of [
                ['edge', 9],
                ['mark', 4.5],
            ]) {
                const group = document.createElementNS(NS, 'g');
                group.setAttribute('class', name);
                group.setAttribute('stroke-width', stroke * unit);
                shape(group, mark);
                svg.append(group);
            }
        }
        const [x, y] = scaled(this.cross);
        const group = document.createElementNS(NS, 'g');
        group.setAttribute('class', 'cross');
        group.setAttribute('stroke-width', 2 * unit);
        add(group, 'path', { d: `M${x - 14 * unit},${y} h${28 * unit} M${x},${y - 14 * unit} v${28 * unit}` });
        svg.append(group);
    },
});
