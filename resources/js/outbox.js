/**
 * What was pressed while the network was away: kept on the device, sent in its order and once. Each press has an id of
 * its own; the server takes an id once, so that sending it again does no harm.
 */
export const outbox = (key, url, told) => {
    const RETRY = 3000;
    // Characters that photos may take, so that there is room for presses still.
    const ROOM = 3_500_000;
    let sending = false;
    // Whether the last try came through: what is merely on its way is not spoken of.
    let online = true;

    const kept = () => {
        try {
            return JSON.parse(localStorage.getItem(key)) ?? [];
        } catch {
            return [];
        }
    };
    // A photo goes alone: a batch of them would be larger than a server takes.
    const batch = (items) => {
        const large = items.findIndex((item) => item.photo);

        return large < 0 ? items.slice(0, 100) : items.slice(0, Math.min(100, Math.max(1, large)));
    };
    const keep = (items) => localStorage.setItem(key, JSON.stringify(items));
    const tell = (more = {}) => told({ waiting: kept().length, online, ...more });

    const send = async () => {
        const items = kept();
        if (sending || items.length === 0) {
            return;
        }
        sending = true;
        let taken = new Set();
        try {
            const response = await fetch(url, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
                body: JSON.stringify({ now: Date.now(), acts: batch(items) }),
            });
            online = response.status < 500;
            if (response.ok) {
                const answer = await response.json();
                taken = new Set(answer.answers.map((one) => one.id));
                keep(kept().filter((item) => !taken.has(item.id)));
                tell({ answer });
            } else {
                tell({ closed: response.status === 403, refused: response.status === 422 });
            }
        } catch {
            online = false;
            tell();
        }
        sending = false;
        if (kept().length > 0) {
            setTimeout(send, taken.size > 0 ? 0 : RETRY);
        }
    };

    window.addEventListener('online', send);
    setTimeout(send, 0);

    return {
        waiting: () => kept().length,
        hasRoom: (text) => JSON.stringify(kept()).length + text.length < ROOM,
        add(item) {
            const id = crypto.randomUUID?.() ?? [...crypto.getRandomValues(new Uint8Array(16))]
                .map((byte) => byte.toString(16).padStart(2, '0'))
                .join('')
                .replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
            keep([...kept(), { ...item, id, at: Date.now() }]);
            tell();
            send();

            return id;
        },
    };
};
