// The path through the job, as a planner, a technician and a supervisor walk it.
import { accessible, expect, forget, logIn, test } from './frame.mjs';

test('from a register file to the next due date', async ({ page, browser }) => {
    await logIn(page, 'planner');
    await test.step('a bad file is named row by row and loads nothing', async () => {
        await page.getByText('+ New').click();
        await page.getByRole('link', { name: 'Register from a file' }).click();
        await page
            .getByLabel('CSV file')
            .setInputFiles({
                name: 'bad.csv',
                mimeType: 'text/csv',
                buffer: Buffer.from('tag,name,class,place\nTST-1,Test pump,centrifugal pump,NOWHERE\n'),
            });
        await page.getByRole('button', { name: 'Check the file' }).click();
        await expect(page.getByText('There is no location with the tag NOWHERE')).toBeVisible();
    });
    await test.step('a good one is loaded', async () => {
        await page.getByRole('link', { name: 'choose it again' }).click();
        await page
            .getByLabel('CSV file')
            .setInputFiles({
                name: 'good.csv',
                mimeType: 'text/csv',
                buffer: Buffer.from(
                    'kind,tag,name,class,place\nlocation,TEST-BAY,Test bay,,\nasset,TST-1,Test pump,centrifugal ' +
                    'pump,TEST-BAY\n',
                ),
            });
        await page.getByRole('button', { name: 'Check the file' }).click();
        await page.getByRole('button', { name: 'Load 2 rows' }).click();
        await expect(page.getByText('The file is loaded: 2 made, 0 changed')).toBeVisible();
        await page.getByRole('link', { name: 'See them' }).click();
    });
    await test.step('a schedule shows its dates while it is typed, and is saved', async () => {
        await page.getByLabel('Search assets').fill('TST-1');
        await page.locator('.index .row-line', { hasText: 'Test pump' }).click();
        await page.getByRole('link', { name: 'Add a schedule' }).click();
        await page
            .getByLabel('Method', { exact: true })
            .selectOption({ label: 'M-006 Pump seal and bearing check' });
        await page.getByLabel('Number').fill('14');
        await page.getByLabel('First date').fill('2026-03-10');
        await page.getByLabel('Share of lateness').selectOption('50');
        await expect(page.locator('#preview')).toContainText('Every 14 days; 50 % of lateness carried over');
        await expect(page.locator('#preview')).toContainText('Tue 24 Mar');
        await expect(page.locator('#preview')).toContainText('The first date lies in the past');
        await page.getByRole('button', { name: 'Put it on TST-1' }).click();
        await expect(page.getByRole('status')).toContainText('Next visit 10 Mar');
    });
    await test.step('the release makes its order and links it', async () => {
        await page.getByRole('link', { name: 'release', exact: true }).click();
        await expect(page.getByRole('row', { name: /TST-1/ })).toBeVisible();
        const release = page.getByRole('button', { name: /^Release \d+ orders?$/ });
        const all = await release.textContent();
        const one = page.getByRole('row', { name: /TST-1/ }).getByRole('checkbox');
        await one.check();
        await expect(release).toHaveText('Release 1 order');
        await one.uncheck();
        await expect(release).toHaveText(all.trim());
        await release.click();
        await expect(page.getByRole('heading', { name: /made$/, level: 2 })).toBeVisible();
        await page.getByRole('row', { name: /TST-1/ }).getByRole('link').first().click();
        await expect(page.locator('.head')).toContainText('approved');
        await page.getByText('Assign it, or move its day').click();
        await page.getByLabel('Person').selectOption({ label: 'Odo Varga' });
        await page.getByRole('button', { name: 'Assign', exact: true }).click();
        await expect(page.locator('.head')).toContainText('Odo Varga');
    });
    const order = page.url();
    const technician = await browser.newPage();
    await test.step('the technician starts, holds, goes on, ticks, books and finishes it', async () => {
        await logIn(technician, 'technician');
        await technician.goto(order);
        await technician.getByRole('button', { name: 'Start the work' }).click();
        await technician.getByText('Put on hold').first().click();
        await technician.getByLabel('What is it waiting for?').selectOption('parts');
        await technician.getByRole('button', { name: 'Put on hold' }).click();
        await expect(technician.locator('.head')).toContainText('on hold · parts');
        await technician.getByRole('button', { name: 'Go on with it' }).click();
        await technician
            .getByRole('group', { name: 'Answer of step 2' })
            .getByRole('button', { name: 'sound' })
            .click();
        for (const step of [1, 3, 4]) {
            await technician.getByRole('checkbox', { name: new RegExp(`^Step ${step}:`) }).click();
            await expect(technician.getByRole('checkbox', { name: new RegExp(`^Step ${step}:`) })).toBeChecked();
        }
        await expect(technician.locator('#steps')).toContainText('4 of 4 ticked');
        await technician.getByRole('button', { name: 'Book the time' }).click();
        await expect(technician.locator('#hours')).toContainText('booked 30 min');
        await technician.getByLabel('Finished at').fill('2026-03-16T15:00');
        await technician.getByLabel('What was found').fill('Seal dry.');
        await technician.getByRole('button', { name: /^Finish W-/ }).click();
        // It was finished before its order was made: asked about, and what was typed is still there.
        await expect(technician.getByText('the order was made on')).toBeVisible();
        await expect(technician.getByLabel('What was found')).toHaveValue('Seal dry.');
        await technician.getByLabel('It is right: finished').check();
        await technician.getByRole('button', { name: /^Finish W-/ }).click();
        // Done 6 days late: 24 March, and half of 6 days more.
        await expect(technician.getByRole('status')).toContainText('Next visit 27 Mar');
    });
    await test.step('the supervisor reviews and closes it; it is locked', async () => {
        await forget(technician);
        await logIn(technician, 'supervisor');
        await technician.goto(order);
        await technician.getByLabel('Remark of the review').fill('Fine.');
        await technician.getByRole('button', { name: /^Close W-/ }).click();
        await expect(technician.locator('.note').first()).toContainText('closed and locked');
    });
    await test.step('the schedule says its next date and why', async () => {
        await page.goto(order);
        await page.getByRole('link', { name: 'Pump seal and bearing check', exact: true }).first().click();
        await page.goto('/schedules?q=TST-1');
        await page.locator('.index .row-line').first().click();
        await expect(page.locator('.secs')).toContainText('Done 6 days late, carry-over 50 %: 3 days later');
        await expect(page.locator('.secs')).toContainText('Fri 27 Mar');
    });
    await test.step('the asset’s log tells all of it', async () => {
        await page.getByRole('link', { name: 'Test pump TST-1' }).click();
        await expect(page.locator('#log')).toContainText('Gwyn Aldous reviewed and closed');
        await expect(page.locator('#log')).toContainText('Odo Varga finished');
    });
});

test('a method is written, changed, and keeps its revisions', async ({ page }) => {
    await logIn(page, 'planner');
    await page.goto('/methods/new');
    await page.getByLabel('Name').fill('Belt check');
    await page.getByLabel('Code').fill('M-BELT');
    await page.getByLabel('Text of step 1').fill('Look at the belt');
    await page.getByLabel('Minutes of step 1').fill('5');
    await page.getByLabel('Text of step 2').fill('Take it up');
    await page.getByRole('button', { name: 'Add a step' }).click();
    await page.getByLabel('Text of step 4').fill('Run it');
    await page.getByRole('button', { name: 'Move step 4 up' }).click();
    await page.getByRole('button', { name: 'Save, and put it in force' }).click();
    await expect(page.locator('.steps li')).toHaveText([/Look at the belt/, /Take it up/, /Run it/]);
    await page.getByRole('link', { name: 'Change the method' }).click();
    await page.getByLabel('Safety note of step 1').fill('Lock off');
    await page.getByRole('button', { name: 'Put it in force' }).click();
    await expect(page.getByRole('status')).toContainText('revision 2 is in force');
    await expect(page.locator('.secs')).toContainText('superseded');
});

test('a schedule is paused and goes on, and a visit is skipped and that taken back', async ({ page }) => {
    await logIn(page);
    await page.goto('/schedules?q=crane');
    await page.locator('.index .row-line').first().click();
    await page.getByText('Pause it').click();
    await page.getByLabel('Why does it rest?').fill('the hall is being painted');
    await accessible(page);
    await page.getByRole('button', { name: 'Pause the schedule' }).click();
    await expect(page.getByRole('status')).toContainText('until somebody lets it go on');
    await expect(page.getByText('the hall is being painted').first()).toBeVisible();
    await page.getByRole('button', { name: 'Let it go on now' }).click();
    await expect(page.getByRole('status')).toContainText('The schedule goes on. Next visit');
    const next = page
        .locator('section', { has: page.getByRole('heading', { name: 'Next' }) })
        .locator('p')
        .first();
    const planned = await next.innerText();
    await page.getByText(/^Skip visit/).click();
    await page.getByLabel('Why is it skipped?').fill('examined by the maker last week');
    await page.getByRole('button', { name: 'Skip the visit' }).click();
    await expect(page.getByRole('status')).toContainText('The visit is skipped. Next visit');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status')).toContainText('planned as before');
    expect(await next.innerText()).toBe(planned);
});

test('somebody new writes a service of three levels and sees which comes when', async ({ page }) => {
    await logIn(page);
    await page.goto('/methods/new');
    await page.getByLabel('Name').fill('Winder service');
    await page.getByLabel('Service ladder').fill('small 1, medium 2, large 4');
    await page.getByLabel('Text of step 1').fill('Clean the drums');
    await page.getByLabel('Text of step 2').fill('Change the bearings');
    await page.getByLabel('Level of step 2').selectOption('large');
    await accessible(page);
    await page.getByRole('button', { name: 'Save, and put it in force' }).click();
    await expect(page.getByText('from large')).toBeVisible();
    await page.goto('/assets?q=WND-01');
    await page.locator('.index a[data-record]').first().click();
    await page.locator('.acts').getByText('Add a schedule').click();
    await page
        .getByLabel('Method', { exact: true })
        .selectOption({
            label: await page.locator('select[name=method_id] option', { hasText: 'Winder service' }).innerText(),
        });
    await page.getByLabel('Number', { exact: true }).fill('14');
    const preview = page.locator('#preview');
    await expect(preview).toContainText('Levels: small-medium-small-large');
    await expect(preview.locator('tbody tr').nth(3)).toContainText('large');
    await page.getByRole('button', { name: 'Put it on WND-01' }).click();
    await expect(page.getByText('Visit 1, small')).toBeVisible();
});
