import { isAwaited } from './frame';

/**
 * Keeps what is typed on a sheet as one draft: every form of it has a name (data-form), and what stands in them is sent
 * to the server a moment after it was typed, and with every button. What was typed before comes back, on any device.
 */
const OWN = new Set(['_token', '_method', 'once', 'version', 'step_at', 'draft', 'draft_form']);

const WAIT = 500;

const sheetOf = () => document.querySelector('[data-draft]');

const fieldsOf = (form) =>
    [...form.elements].filter(
        (field) =>
            field.name !== '' &&
            !OWN.has(field.name) &&
            !['hidden', 'file', 'submit', 'button', 'password', 'fieldset'].includes(field.type),
    );

const isChosen = (field) => ['checkbox', 'radio'].includes(field.type);

const differs = (field) => {
    if (field.dataset.typed !== undefined) {
        return true;
    }
    if (isChosen(field)) {
        return field.checked !== field.defaultChecked;
    }

    if (field.tagName === 'SELECT') {
        const was = [...field.options].find((option) => option.defaultSelected) ?? field.options[0];

        return field.value !== was?.value;
    }

    return field.value !== field.defaultValue;
};

const typedIn = (form) => {
    const typed = {};
    for (const field of fieldsOf(form)) {
        if (differs(field) && (!isChosen(field) || field.checked)) {
            typed[field.name] = isChosen(field) ? field.value : field.value.slice(0, 5000);
        }
    }

    return typed;
};

const draftOf = (sheet, but = null) => {
    const draft = {};
    for (const form of sheet.querySelectorAll('form[data-form]')) {
        const typed = form === but ? {} : typedIn(form);
        if (Object.keys(typed).length > 0) {
            draft[form.dataset.form] = typed;
        }
    }

    return JSON.stringify(draft);
};

/** Puts what was typed before back into the forms, and opens what it stands in. */
const restore = () => {
    const sheet = sheetOf();
    const kept = sheet?.dataset.kept;
    if (!kept || sheet.dataset.restored === kept) {
        return;
    }
    sheet.dataset.restored = kept;
    for (const [name, fields] of Object.entries(JSON.parse(kept))) {
        const form = sheet.querySelector(`form[data-form="${name}"]`);
        for (const field of form === null ? [] : fieldsOf(form)) {
            if (fields[field.name] === undefined || (isChosen(field) && field.value !== fields[field.name])) {
                continue;
            }
            if (isChosen(field)) {
                field.checked = true;
            } else {
                field.value = fields[field.name];
            }
            field.dataset.typed = '';
            field.closest('details')?.setAttribute('open', '');
        }
    }
};

export const keepDraft = (htmx) => {
    let waiting = null;
    let sent = null;
    const keep = () => {
        clearTimeout(waiting);
        waiting = null;
        const sheet = sheetOf();
        const token = sheet?.querySelector('input[name=_token]')?.value;
        if (!sheet || token === undefined) {
            return;
        }
        const draft = draftOf(sheet);
        if (draft === sent) {
            return;
        }
        sent = draft;
        const body = new FormData();
        body.set('_token', token);
        body.set('_method', 'put');
        body.set('draft', draft);
        // A page that is left sends it all the same. What does not arrive is sent again with the next change.
        fetch(sheet.dataset.draft, { method: 'post', body, keepalive: true }).then(
            (answer) => {
                sent = answer.ok ? draft : null;
            },
            () => {
                sent = null;
            },
        );
    };
    const typed = (event) => {
        if (event.target.closest?.('[data-draft] form[data-form]')) {
            event.target.dataset.typed = '';
            clearTimeout(waiting);
            waiting = setTimeout(keep, WAIT);
        }
    };
    document.addEventListener('input', typed);
    document.addEventListener('change', typed);
    document.addEventListener('visibilitychange', () => {
        if (waiting !== null) {
            keep();
        }
    });
    document.addEventListener('htmx:configRequest', (event) => {
        const { elt, parameters, verb } = event.detail;
        const sheet = sheetOf();
        if (sheet === null || verb === 'get' || !sheet.contains(elt)) {
            return;
        }
        clearTimeout(waiting);
        waiting = null;
        const form = elt.closest('form');
        parameters.draft = draftOf(sheet, form);
        parameters.draft_form = form?.dataset.form ?? '';
        sent = null;
    });
    // A swap may leave fields standing as they were typed: what the server holds is what counts.
    document.addEventListener('htmx:beforeSwap', (event) => {
        if (isAwaited(event)) {
            return;
        }
        document.querySelectorAll('[data-draft] [data-typed]').forEach((field) => delete field.dataset.typed);
    });
    htmx.onLoad(restore);
    restore();
};
