import { outbox } from './outbox';
import { shrink } from './shrink';

const POLL = 4000;

const lasting = (since, now) => {
    const minutes = Math.max(0, Math.floor((now - since) / 60000));

    return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
};

/** Lets the page open without a network: a worker keeps it, where the browser allows one. */
const keepPage = async () => {
    if (navigator.serviceWorker === undefined) {
        return;
    }
    await navigator.serviceWorker.register('/tablet-worker.js', { scope: '/tablet' });
    const { active } = await navigator.serviceWorker.ready;
    const parts = performance.getEntriesByType('resource').map((part) => part.name);
    active.postMessage([location.pathname, ...parts]);
};

/** What was shown last on this tablet: newer than the page, where that was opened without a network. */
const shownLast = (line) => {
    try {
        return JSON.parse(localStorage.getItem(`tablet-state-${line}`));
    } catch {
        return null;
    }
};

/** The tablet at a line: what it shows between two answers of the server is what was pressed here last. */
export const tablet = () => ({
    state: { offered: [], others: [], parts: [], machines: [], elsewhere: [], call: null },
    waitsForCause: null,
    dismissed: false,
    panel: '',
    said: '',
    waiting: 0,
    presses: 0,
    online: true,
    closed: false,
    lag: 0,
    ticks: 0,
    last: null,
    photos: 0,

    init() {
        const state = JSON.parse(this.$el.dataset.state);
        const shown = shownLast(state.lineId);
        this.take(state);
        this.box = outbox(`tablet-acts-${state.lineId}`, '/tablet/acts', (told) => this.told(told));
        this.waiting = this.box.waiting();
        if (shown !== null && (this.waiting > 0 || shown.state.now > this.state.now)) {
            [this.state, this.lag, this.panel] = [shown.state, shown.lag, shown.panel];
        }
        this.$watch('state', () => this.remember());
        this.$watch('panel', () => this.remember());
        keepPage().catch(() => {});
        setInterval(() => this.ticks++, 1000);
        setInterval(() => this.ask(), POLL);
    },

    take(state) {
        this.lag = Date.now() - state.now;
        this.state = state;
        // Whoever says it later is asked again after the next stop.
        this.dismissed = this.dismissed && !state.down;
        if (this.panel === '' && state.waits && !this.dismissed) {
            this.panel = 'why';
        }
    },

    remember() {
        const { state, lag, panel } = this;
        localStorage.setItem(`tablet-state-${state.lineId}`, JSON.stringify({ state, lag, panel }));
    },

    told({ waiting, online, answer, closed, refused }) {
        this.waiting = waiting;
        this.online = online;
        this.closed = closed === true;
        if (refused) {
            this.said = 'Sundial does not understand this tablet. Load the page again.';
        }
        if (answer !== undefined) {
            const first = answer.answers.find((one) => one.refused !== null);
            this.said = first === undefined ? '' : first.refused;
            if (waiting === 0) {
                this.take(answer.state);
            }
        }
    },

    async ask() {
        if (this.waiting > 0 || this.closed) {
            return;
        }
        const before = this.presses;
        try {
            const response = await fetch('/tablet/state', { headers: { Accept: 'application/json' } });
            this.online = response.status < 500;
            this.closed = response.status === 403;
            const state = response.ok ? await response.json() : null;
            // What was asked before the last press tells nothing of it.
            if (state !== null && this.waiting === 0 && this.presses === before) {
                this.take(state);
            }
        } catch {
            this.online = false;
        }
    },

    press(act) {
        this.presses++;

        return this.box.add(act);
    },

    get now() {
        return this.ticks >= 0 ? Date.now() - this.lag : 0;
    },
    get word() {
        return this.state.down ? 'stands' : 'runs';
    },
    get since() {
        return this.state.since === null ? '' : lasting(this.state.since, this.now);
    },
    get why() {
        const where = this.state.where ? `${this.state.where}: ` : '';

        return this.state.down && this.state.reason ? where + this.state.reason : '';
    },
    get runs() {
        return !this.state.down;
    },
    get isAsking() {
        return this.panel === 'why' && !this.state.down && this.waitsForCause === null;
    },
    get isCause() {
        return this.waitsForCause !== null;
    },
    get isMain() {
        const isAnother = this.isAsking || this.isCause;

        return !isAnother && !['short', 'call', 'where'].includes(this.panel);
    },
    get isShort() {
        return this.panel === 'short';
    },
    get isCall() {
        return this.panel === 'call';
    },
    get isWhere() {
        return this.panel === 'where';
    },
    get hasParts() {
        return this.state.parts.length > 0 && !this.state.down;
    },
    get hasNoCall() {
        return this.state.call === null;
    },
    get hasCall() {
        return this.state.call !== null;
    },
    get isAwaited() {
        return this.state.call !== null && this.state.call.arrived === null;
    },
    get callSays() {
        const call = this.state.call;
        if (call === null) {
            return '';
        }
        const called = `called ${lasting(call.called, this.now)} ago: ${call.words}`;
        const comes = call.comes === null ? 'nobody has answered yet' : `${call.comes} comes`;
        const here = `${call.comes ?? 'maintenance'} is here since ${lasting(call.arrived, this.now)}`;

        return `${called} · ${call.arrived === null ? comes : here}${call.order ? ` · ${call.order}` : ''}`;
    },
    get kept() {
        const many = this.waiting === 1 ? '1 press is' : `${this.waiting} presses are`;

        return this.waiting === 0
            ? 'The network is away. What is pressed is kept here.'
            : `${many} kept here and sent when the network is back`;
    },
    get photoSays() {
        return this.photos === 0 ? 'A photo …' : `${this.photos === 1 ? '1 photo' : `${this.photos} photos`} taken`;
    },
    get isAway() {
        return !this.online;
    },

    stop() {
        this.begin(null);
    },
    stopPart() {
        this.begin(Number(this.$event.currentTarget.dataset.id));
    },
    begin(asset) {
        this.last = this.press({ what: 'down', asset });
        this.state = { ...this.state, down: true, since: this.now, reason: 'no reason yet', where: null };
        this.panel = '';
        this.photos = 0;
    },
    async photo() {
        const input = this.$event.target;
        const of = this.last;
        if (input.files.length === 0) {
            return;
        }
        const photo = await shrink(input.files[0]);
        input.value = '';
        if (photo === null) {
            this.said = 'This file is no photo that can be read. Take another.';
        } else if (!this.box.hasRoom(photo)) {
            this.said = 'There is no room on this tablet for another photo until the network is back.';
        } else {
            this.said = '';
            this.press({ what: 'photo', photo, of });
            this.photos++;
        }
    },
    run() {
        const asks = this.state.reason === 'no reason yet';
        this.dismissed = false;
        this.press({ what: 'runs' });
        this.state = { ...this.state, down: false, since: this.now, reason: null, waits: asks };
        this.panel = asks ? 'why' : '';
    },
    because() {
        this.explain(this.$event.currentTarget.dataset.reason);
    },
    becauseOther() {
        if (this.$event.target.value !== '') {
            this.explain(this.$event.target.value);
        }
    },
    causeIs() {
        this.tell(this.waitsForCause, Number(this.$event.currentTarget.dataset.id));
    },
    causeUnknown() {
        this.tell(this.waitsForCause, null);
    },
    explain(words) {
        if (this.state.elsewhere.includes(words) && this.state.machines.length > 0) {
            this.waitsForCause = words;
        } else {
            this.tell(words, null);
        }
    },
    tell(words, cause) {
        this.waitsForCause = null;
        this.press({ what: 'why', words, cause, of: this.last, note: this.$refs.note.value.trim() || null });
        this.$refs.note.value = '';
        this.state = { ...this.state, waits: false };
        this.last = null;
        this.panel = '';
    },
    openShort() {
        this.panel = 'short';
    },
    openCall() {
        this.panel = 'call';
    },
    openWhere() {
        this.panel = 'where';
    },
    later() {
        if (this.isAsking) {
            // The next reason is of whatever stands then.
            this.dismissed = true;
            this.last = null;
        }
        this.state = { ...this.state, waits: false };
        this.panel = '';
    },
    noteShort() {
        const form = new FormData(this.$refs.short);
        this.press({
            what: 'short',
            stops: Number(form.get('stops')),
            seconds: Math.round(60 * Number(form.get('minutes'))),
            words: form.get('why'),
        });
        this.panel = '';
    },
    call() {
        const words = this.$refs.words.value.trim();
        this.press({ what: 'call', words });
        this.state = {
            ...this.state,
            call: { words: words || 'come and look', called: this.now, comes: null, arrived: null, order: null },
        };
        this.panel = '';
    },
    arrived() {
        this.press({ what: 'arrived' });
        this.state = { ...this.state, call: { ...this.state.call, arrived: this.now } };
    },
});
