// From a squeal on a phone to a closed order: reported without an account, accepted, planned, done, coded, closed.
import { accessible, counting, expect, forget, logIn, test } from './frame.mjs';

const codeOf = async (page, tag) => {
    await logIn(page);
    await page.goto(`/assets?q=${tag}`);
    await page.locator('.index .row-line').first().click();
    await page.locator('.head h2').filter({ hasText: tag }).waitFor();
    const href = await page.getByRole('link', { name: 'Report a fault' }).getAttribute('href');
    await forget(page);

    return href;
};

// A picture of one point is picture enough.
const photo = {
    name: 'pump.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
        'base64',
    ),
};

test('a squeal is reported from a phone without an account, and followed to its end', async ({ page, browser }) => {
    const report = await codeOf(page, 'PMP-03');
    const context = await browser.newContext({
        viewport: { width: 390, height: 844 },
        baseURL: process.env.SUNDIAL_URL,
    });
    const phone = await context.newPage();
    await phone.goto(report);
    await phone.getByLabel('Code of the site').fill('MILL');
    await phone.getByRole('button', { name: 'Go on' }).click();
    await expect(phone.getByRole('heading')).toContainText('What is wrong with');
    await accessible(phone);
    const hand = counting(phone);
    await hand.press(phone.getByRole('radio', { name: 'squeals, knocks' }));
    await hand.fill(phone.getByLabel('What is wrong, in a sentence'), 'Squeals when it starts');
    await phone.locator('input[type=file]').setInputFiles(photo);
    await phone.getByAltText(/Your photo/).click({ position: { x: 40, y: 40 } });
    await hand.fill(phone.getByLabel('Who you are'), 'Bas, line A');
    await hand.press(phone.getByRole('button', { name: 'Send the report' }));
    await expect(phone.getByRole('status')).toContainText('It is reported');
    // The photo and its spot are one press each.
    expect(hand.actions + 2).toBeLessThanOrEqual(6);
    const follow = phone.url();
    await accessible(phone);

    await logIn(page, 'planner');
    await page.goto('/requests');
    await page.locator('.row-line', { hasText: 'PMP-03' }).click();
    await expect(page.locator('.photos img')).toBeVisible();
    await accessible(page);
    await page.getByText('May it run meanwhile?').click();
    await page.getByLabel('Restricted').check();
    await page.getByLabel('How it may run').fill('half speed');
    await page.getByRole('button', { name: 'Say so' }).click();
    await expect(page.getByText('Restricted: half speed')).toBeVisible();
    await page.getByLabel('What is to be done').fill('Change the shaft seal');
    await page.getByRole('button', { name: 'Accept into an order' }).click();
    await expect(page.getByRole('status')).toContainText('is accepted');
    await page.getByText('paste lines').click();
    await page
        .getByRole('textbox', { name: 'A line each' })
        .fill('Lock off and drain 20 min\nDraw the seal 50 min\n1 fitter 1:30\n1 electrician 20 min\nP-0108 x 1');
    await page.getByRole('button', { name: 'Read the lines' }).click();
    await expect(page.locator('#cost')).toContainText('In all');
    await accessible(page);
    await page.getByRole('button', { name: 'Approve' }).click();
    await page.getByRole('button', { name: 'Start the work' }).click();
    await page.getByRole('button', { name: 'Tick all' }).click();
    await expect(page.getByRole('status')).toContainText('ticked');
    await page.getByLabel('Time', { exact: true }).fill('1:20');
    await page.getByRole('combobox', { name: 'Who', exact: true }).selectOption('Tilda Nowak');
    await page.getByRole('button', { name: 'Book the time' }).click();
    await expect(page.getByRole('status')).toContainText('Booked');
    await page.getByLabel('What failed').selectOption('leaks outside');
    await page.getByLabel('Why', { exact: true }).selectOption('age and use');
    await page.getByLabel('What was done').selectOption('replaced');
    await page.getByRole('button', { name: 'Record it' }).click();
    await expect(page.getByRole('status')).toContainText('What failed is recorded');
    await page.getByText('Something was found here').click();
    await page.getByLabel('What you found').fill('Coupling rubber is cracked');
    await page.getByRole('button', { name: 'Report it' }).click();
    await expect(page.locator('#asked')).toContainText('Found here');
    await page.getByRole('button', { name: /^Finish W-/ }).click();
    await expect(page.getByRole('status')).toContainText('Taken: Deep-groove bearing, 30 × 62');
    const order = page.url();

    await phone.goto(follow);
    await phone.getByRole('button', { name: 'Yes, it is' }).click();
    await expect(phone.getByText('You said that it is mended')).toBeVisible();
    await context.close();

    await forget(page);
    await logIn(page, 'supervisor');
    await page.goto(order);
    await expect(page.locator('#asked')).toContainText('says that it is mended');
    await page.getByRole('button', { name: /^Close W-/ }).click();
    await expect(page.getByText('and locked')).toBeVisible();
    await page.getByText('Book an invoice that came later').click();
    await page.getByLabel('What it was for').fill('Crane');
    await page.getByLabel('Amount').fill('180.50');
    await page.getByRole('button', { name: 'Book it' }).click();
    await expect(page.locator('#services')).toContainText('180.50');
});

test('a one-off plan of four steps, two parts and a tool is approved within its actions', async ({ page }) => {
    await logIn(page, 'planner');
    const hand = counting(page);
    await hand.go('/orders/new?asset=LM-05');
    await hand.fill(page.getByLabel('What is to be done'), 'Set the picking motion');
    await hand.press(page.getByRole('button', { name: 'Raise the order' }));
    await hand.press(page.getByText('paste lines'));
    await hand.fill(
        page.getByRole('textbox', { name: 'A line each' }),
        [
            'Lock off 10 min',
            'Open the case 15 min',
            'Set the stick 40 min',
            'Try it out 15 min',
            '2 fitter 1 h',
            'WFS-3 x 1',
            'P-0159 x 2',
        ].join('\n'),
    );
    await hand.press(page.getByRole('button', { name: 'Read the lines' }));
    await expect(page.locator('#steps ol.steps > li')).toHaveCount(4);
    await hand.press(page.getByText('tools, permits, precautions'));
    await hand.fill(page.getByLabel('Tools, a line each'), 'Feeler gauge');
    await hand.press(page.getByRole('button', { name: 'Put them into the plan' }));
    await expect(page.locator('#precautions')).toContainText('Feeler gauge');
    await hand.press(page.getByRole('button', { name: 'Approve' }));
    await expect(page.getByRole('status')).toContainText('is approved');
    expect(hand.actions).toBeLessThanOrEqual(20);
});

test('an emergency is under way within six actions, by keyboard', async ({ page }) => {
    await logIn(page, 'technician');
    await page.locator('#page').focus();
    await page.keyboard.press('n');
    await page.keyboard.press('e');
    await page.getByLabel('Which asset').fill('LM-09');
    await accessible(page);
    await page.getByLabel('What happened').fill('Shaft broken, oil on the floor');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText('The response is on its way');
    await expect(page.locator('.head .meta')).toContainText('under way');
});

test('work that is done already is closed from its title in twelve actions', async ({ page }) => {
    await logIn(page, 'supervisor');
    const hand = counting(page);
    await hand.go('/orders/finished');
    await hand.fill(page.getByLabel('What was done').first(), 'Seal of the feed pump changed');
    await hand.fill(page.getByLabel('On which asset, or at which place'), 'PMP-03');
    const words = page.waitForResponse(/orders\/finished\/about/);
    await page.getByLabel('Parts used, a line each').focus();
    await words;
    await hand.fill(page.getByLabel('Parts used, a line each'), 'SEAL-40 x 1');
    await hand.choose(page.getByLabel('Who').first(), 'Tilda Nowak');
    await hand.fill(page.getByLabel('Time', { exact: true }).first(), '1:20');
    await hand.choose(page.getByLabel('What failed'), 'leaks outside');
    await hand.choose(page.getByLabel('Why', { exact: true }), 'age and use');
    await hand.choose(page.getByLabel('What was done').last(), 'replaced');
    await accessible(page);
    await hand.press(page.getByRole('button', { name: 'Write it down' }));
    await expect(page.getByRole('status')).toContainText('is closed');
    expect(hand.actions).toBeLessThanOrEqual(12);
});

test('finished work is reviewed by keys: one sent back, one closed, those as planned together', async ({ page }) => {
    await logIn(page, 'supervisor');
    await page.locator('#page').focus();
    await page.keyboard.press('g');
    await page.keyboard.press('z');
    await expect(page.locator('.head h2')).toHaveText('Review');
    await accessible(page);
    const lines = page.locator('[data-review] > li');
    const waiting = await lines.count();
    await page.keyboard.press('ArrowDown');
    await expect(lines.first()).toBeFocused();
    await page.keyboard.press('s');
    await page.keyboard.type('The guard is not back on');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText('is sent back');
    await expect(lines).toHaveCount(waiting - 1);
    await lines.first().focus();
    await page.keyboard.press('c');
    await expect(page.getByRole('status')).toContainText('is closed');
    await expect(lines).toHaveCount(waiting - 2);
    await page.getByRole('button', { name: /^Close the \d+ that were done as planned$/ }).click();
    await expect(page.getByRole('status')).toContainText('closed:');
});

test('a machine is locked before it is worked on, and the locks are off before the work is done', async ({ page }) => {
    await logIn(page, 'supervisor');
    await page.goto('/orders?state=approved&q=pump');
    await page.locator('.index .row-line').first().click();
    await page.getByText('Issue an isolation or a permit').click();
    await expect(page.getByLabel('What is locked or demanded, a line each')).toHaveValue(/Motor isolator/);
    await page.getByRole('button', { name: 'Issue it' }).click();
    await expect(page.getByRole('status')).toContainText('is in force');
    await accessible(page);
    await page.getByRole('button', { name: 'Locks off for a test run' }).click();
    await expect(page.getByRole('status')).toContainText('is suspended');
    await page.getByRole('button', { name: 'Start my clock' }).click();
    await expect(page.locator('#isolation')).toContainText('Have it put in force');
    await page.getByRole('button', { name: 'Locks on again' }).click();
    await expect(page.getByRole('status')).toContainText('is in force');
});

test('ten like machines stand on one order with their steps, within ten actions', async ({ page }) => {
    await logIn(page, 'planner');
    const hand = counting(page);
    await hand.go('/orders/new?asset=LM-05');
    await hand.fill(page.getByLabel('What is to be done'), 'Change the picking stick');
    await hand.press(page.getByRole('button', { name: 'Raise the order' }));
    await hand.press(page.getByText('paste lines'));
    await hand.fill(page.getByRole('textbox', { name: 'A line each' }), 'Lock off 10 min\nChange it 40 min');
    await hand.press(page.getByRole('button', { name: 'Read the lines' }));
    await expect(page.locator('#steps')).toContainText('Change it');
    await hand.press(page.getByText('+ assets'));
    const others = ['LM-06', 'LM-07', 'LM-08', 'LM-09', 'LM-10', 'LM-11', 'LM-12', 'LM-13', 'LM-14'];
    await hand.fill(page.getByLabel('Tags or codes'), others.join(' '));
    await hand.press(page.getByRole('button', { name: 'Put them on the order' }));
    await hand.press(page.getByRole('button', { name: 'Copy the steps to each' }));
    await expect(page.locator('#steps ol.steps > li', { hasText: 'Change it' })).toHaveCount(10);
    await expect(page.locator('#assets tbody tr')).toHaveCount(10);
    expect(hand.actions).toBeLessThanOrEqual(10);
    await accessible(page);
});

test('what work cost leads from the whole to its orders', async ({ page }) => {
    await logIn(page, 'manager');
    await page.goto('/costs');
    await accessible(page);
    await page.getByRole('link', { name: /Weaving shed/ }).click();
    await expect(page.locator('.head .crumbs')).toContainText('Weaving shed');
    await page.locator('.costs tr.sum a').last().click();
    await expect(page.getByRole('heading', { name: 'Orders behind a cost' })).toBeVisible();
    await page.locator('#sheet tbody a').first().click();
    await expect(page.locator('.head h2 .tag')).toContainText('W-');
});

/** The asset of the nth approved order that nothing holds up. */
const approvedOn = async (page, nth) => {
    await page.goto('/orders/table?state=approved');

    return page.locator('tbody tr').nth(nth).locator('td.tag').nth(1).innerText();
};

test('a shutdown is opened, filled and approved within twelve actions, by keyboard too', async ({ page }) => {
    await logIn(page, 'planner');
    const tag = await approvedOn(page, 1);
    const hand = counting(page);
    await hand.go('/shutdowns/new');
    await hand.fill(page.getByLabel('Title'), 'Spring stop');
    await hand.fill(page.getByLabel('What stands'), tag);
    await hand.fill(page.locator('#f-from_at'), '2027-01-11T06:00');
    await hand.fill(page.locator('#f-to_at'), '2027-01-11T18:00');
    await hand.press(page.getByRole('button', { name: 'Open the shutdown' }));
    await expect(page.locator('.head h2')).toContainText('Spring stop SD-');
    await hand.press(page.locator('#add input[type=checkbox]').first());
    await hand.press(page.getByRole('button', { name: 'Put them in' }));
    await expect(page.locator('#progress')).toContainText('0 of 1 order');
    await page.getByLabel(/^Turn of W-/).fill('2');
    await page.getByLabel(/^Turn of W-/).press('Enter');
    await expect(page.getByRole('status')).toContainText('The sequence is saved');
    expect(hand.actions).toBeLessThanOrEqual(12);
    await accessible(page);
});

test('many orders get another day after a preview, and back; a card finds its person', async ({ page }) => {
    await logIn(page, 'planner');
    await page.goto('/orders/table?state=approved');
    await page.locator('tbody input[type=checkbox]').nth(0).check();
    await page.locator('tbody input[type=checkbox]').nth(1).check();
    await page.locator('select[name=set]').selectOption('due');
    await page.getByLabel('As typed').fill('+7');
    await page.getByRole('button', { name: 'See what would change' }).click();
    await expect(page.getByRole('heading', { name: 'Due day of 2 orders: 7 d later' })).toBeVisible();
    await page.getByRole('button', { name: 'Change 2 orders' }).click();
    await expect(page.getByRole('status')).toContainText('2 orders are changed');
    await expect(page.locator('tbody tr')).toHaveCount(2);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status')).toContainText('2 orders hold what they held');

    await page.goto('/orders/board?by=person');
    const nobody = page.locator('.board-column').first();
    const card = nobody.locator('li').first();
    const number = await card.locator('.tag').innerText();
    await card.locator('a').focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.getByRole('status')).toContainText('1 order is changed');
    await expect(page.locator('.board-column').nth(1)).toContainText(number);
    await page.locator('.board-column').nth(1).locator('li', { hasText: number }).dragTo(nobody.locator('ul'));
    await expect(nobody).toContainText(number);
});

test('what fits while a loom stands is taken by one press, and a small job is booked by phone', async ({ page }) => {
    await logIn(page, 'planner');
    const tag = await approvedOn(page, 0);
    await page.goto('/window');
    await page.getByLabel('What stands').fill(tag);
    await page.getByLabel('For about').fill('8 h');
    await page.getByRole('button', { name: 'What fits?' }).click();
    await expect(page.getByRole('heading', { name: /^Fits into 8 h/ })).toBeVisible();
    await page.getByRole('button', { name: 'Take them' }).click();
    await expect(page.locator('.head h2')).toContainText('stands from');
    await forget(page);

    await page.setViewportSize({ width: 390, height: 844 });
    await logIn(page, 'technician');
    await page.goto('/small-job?asset=LM-14');
    await page.getByLabel('How long').fill('20 min');
    await page.getByLabel('What was done').fill('Tightened a screw');
    await page.getByRole('button', { name: 'Book it' }).click();
    await expect(page.getByRole('status')).toContainText('Booked on LM-14');
    await expect(page.locator('#last')).toContainText('Tightened a screw');
    await accessible(page);
});
