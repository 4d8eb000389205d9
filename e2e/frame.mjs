import AxeBuilder from '@axe-core/playwright';
import { test as base, expect } from '@playwright/test';
import { forget, logIn } from './browser.mjs';

/** A page that fails its test on script errors and on anything the content security policy stops. */
export const test = base.extend({
    page: async ({ page }, use) => {
        const wrong = [];
        page.on('pageerror', (error) => wrong.push(error.message));
        page.on('console', (message) => {
            if (/content security policy/i.test(message.text())) {
                wrong.push(message.text());
            }
        });
        await use(page);
        expect(wrong).toEqual([]);
    },
});

/** Within: only that part is looked at, where something open lies over the rest. */
export const accessible = async (page, rules = null, within = null) => {
    await expect(page.locator('[data-awaited]')).toHaveCount(0);
    // Only what is wrong is listed, and in the page itself: no page holds a frame of somebody else, for which another
    // page would be opened each time. Each makes it twice as quick.
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
    if (within !== null) {
        axe.include(within);
    }
    const found = await (
        rules === null
            ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
            : axe.withRules(rules)
    ).analyze();
    expect(
        found.violations.map(
            (violation) => `${violation.id}: ${violation.nodes.map((node) => node.target.join(' ')).join(', ')}`,
        ),
    ).toEqual([]);
};

/** Counts what somebody does: a press, a field, a page opened by address. */
export const counting = (page) => {
    let actions = 0;
    const count = (does) => {
        actions++;

        return does;
    };

    return {
        press: (target) => count(target.click()),
        fill: (target, text) => count(target.fill(text)),
        choose: (target, value) => count(target.selectOption(value)),
        go: (path) => count(page.goto(path)),
        get actions() {
            return actions;
        },
    };
};

export { expect, forget, logIn };
