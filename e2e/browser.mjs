/** How headless Chromium is started here, for tests and pictures alike: quiet, offline, Debian's own build. */
export const launch = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};

export const logIn = async (page, who = 'planner') => {
    await page.goto('/login');
    await page.getByLabel('Account name').fill(who);
    await page.getByLabel('Password').fill('sundial');
    await page.getByRole('button', { name: 'Log in' }).click();
    await page.waitForURL(/\/(today|assets|orders|me)/);
};

/** What a page asked for behind itself is there, and nobody is known any more. */
export const forget = async (page) => {
    await page.waitForFunction(() => document.querySelector('[data-awaited]') === null);
    await page.context().clearCookies();
};
