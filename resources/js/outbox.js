/**
 * What was pressed while the network was away: kept on the device, sent in its order and once. Each press has an id of
 * its own; the server takes an id once, so that sending it again does no harm.
 */
export const outbox = (key, url, told) => {
    const RETRY = 3000;
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
    const keep = (items) => localStorage.setItem(key, JSON.stringify(items));
    const tell = (more = {}) => told({ waiting: kept().length, online, ...more });

    const send = async () => {
        const items = kept();
        if (sending || items.length === 0) {
            return;
        }
        sending = true;
        try {
            const response = await fetch(url, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
                body: JSON.stringify({ now: Date.now(), acts: items.slice(0, 100) }),
            });
            online = response.status < 500;
            if (response.ok) {
                const answer = await response.json();
                const taken = new Set(answer.answers.map((one) => one.id));
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
            setTimeout(send, RETRY);
        }
    };

    window.addEventListener('online', send);
    setTimeout(send, 0);

    return {
        waiting: () => kept().length,
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
