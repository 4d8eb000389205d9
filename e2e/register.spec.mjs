// The register: its tree, fields of its own, copies, photos that are drawn on, what runs out, stops, the table and
// the log.
import { fileURLToPath } from 'node:url';
import { accessible, expect, logIn, test } from './frame.mjs';

const photo = fileURLToPath(new URL('../docs/screenshots/asset-sheet.png', import.meta.url));

test('the tree opens and moves by keyboard and by drag, and says why not', async ({ page }) => {
    await logIn(page);
    await page.goto('/places');
    const item = (name) => page.getByRole('treeitem', { name: new RegExp(`^${name}`) });
    await item('Spinning hall').focus();
    await page.keyboard.press('ArrowRight');
    await expect(item('Ring room')).toBeVisible();
    await accessible(page);
    await item('Ring room').focus();
    await page.keyboard.press('ArrowRight');
    await expect(item('Spinning frame 7')).toBeVisible();
    await item('Spinning frame 7').focus();
    await page.keyboard.press('m');
    await expect(page.getByRole('alert')).toContainText('picked up');
    await item('Carding room').focus();
    await page.keyboard.press('m');
    await expect(page.getByRole('status')).toContainText('Spinning frame 7 now stands at Carding room');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status')).toContainText('now stands at Ring room');
    // A place into what stands in it.
    await item('Spinning hall').locator('> .line').dragTo(item('Ring room').locator('> .line'));
    await expect(page.getByRole('alert')).toContainText('Spinning hall cannot stand inside Ring room');
    await page.getByLabel('Search the tree').fill('fire damper 3');
    await expect(page.locator('.tree .found')).toHaveCount(1);
});

test('an administrator adds a field, and it is filled in place, searched and sorted by', async ({ page }) => {
    await logIn(page, 'admin');
    await page.goto('/setup/fields/new');
    await page.getByLabel('Name').fill('Noise level');
    await page.getByLabel('Holds').selectOption('number');
    await page.getByLabel('Unit, for a number').fill('dB');
    await accessible(page);
    await page.getByRole('button', { name: 'Save the field' }).click();
    await expect(page.getByRole('status')).toContainText('Field Noise level is saved');
    await page.goto('/assets?q=LM-14');
    await page.locator('.index a[data-record]').first().click();
    await page.locator('summary', { hasText: 'fill in' }).and(page.getByLabel('Fill in Noise level')).click();
    await page.locator('.in-place[open] input[name^="extra"]').fill('much');
    await page.locator('.in-place[open]').getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('cannot be read as a number').first()).toBeVisible();
    await page.locator('.in-place[open] input[name^="extra"]').fill('87,5');
    await page.locator('.in-place[open]').getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('status')).toContainText('Noise level is saved');
    await page.goto('/assets/table?q=loom');
    await page.getByText('Filter by extra fields').click();
    await page.getByLabel('Noise level, dB from').fill('80');
    await page.getByRole('button', { name: 'Filter' }).click();
    await expect(page.getByRole('heading', { name: /1 of/ })).toBeVisible();
    await expect(page.locator('table')).toContainText('LM-14');
});

test('more of the same are numbered on, with a preview', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets?q=WND-08');
    await page.locator('.index a[data-record]').first().click();
    await page.getByRole('link', { name: 'Make more like it' }).click();
    await page.getByLabel('How many').fill('2');
    await page.getByRole('button', { name: 'Number them on' }).click();
    await expect(page.getByLabel('Tag of copy 2')).toHaveValue('WND-10');
    await accessible(page);
    await page.getByRole('button', { name: 'Add these 2 to the register' }).dblclick();
    await expect(page.getByRole('status')).toContainText('2 more are in the register');
    await page.goto('/assets/table?q=WND-1');
    await expect(page.locator('tbody tr')).toHaveCount(1);
});

test('a photo is added and drawn on by mouse and by keyboard, and stays as it was taken', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets?q=SPN-05');
    await page.locator('.index a[data-record]').first().click();
    await page
        .getByLabel('Add photos or documents')
        .setInputFiles([
            { name: 'virus.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('<html><script>1</script>') },
        ]);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('by its content (text/html)')).toBeVisible();
    await page.getByLabel('Add photos or documents').setInputFiles(photo);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByRole('status')).toContainText('1 file is added');
    await page.locator('.photos a').first().click();
    const canvas = page.locator('.canvas');
    await expect(canvas.locator('img')).toBeVisible();
    await accessible(page);
    const box = await canvas.boundingBox();
    await page.mouse.move(box.x + 60, box.y + 60);
    await page.mouse.down();
    await page.mouse.move(box.x + 200, box.y + 140, { steps: 4 });
    await page.mouse.up();
    await expect(canvas.locator('.mark')).toHaveCount(1);
    await page.getByRole('button', { name: 'Ring' }).click();
    await canvas.focus();
    for (const key of [' ', 'Shift+ArrowRight', 'Shift+ArrowDown', ' ']) {
        await page.keyboard.press(key);
    }
    await expect(canvas.locator('.mark')).toHaveCount(2);
    await page.getByRole('button', { name: 'Save the drawing' }).click();
    await expect(page.getByText('Drawn on it: an arrow, a ring.')).toBeVisible();
});

test('what runs out is on Today and on the asset, and is renewed', async ({ page }) => {
    await logIn(page);
    await expect(page.locator('#run-out, #page').getByText('thorough examination').first()).toBeVisible();
    await page.goto('/expiry?state=run+out');
    await accessible(page);
    await page.getByRole('link', { name: 'Overhead crane, 5 t' }).click();
    await page.locator('#expiry summary', { hasText: 'renew or change' }).first().click();
    await page.getByLabel('Last day of thorough examination').fill('2027-03-14');
    await page.getByRole('button', { name: 'Renew until then' }).first().click();
    await expect(page.getByRole('status')).toContainText('thorough examination is renewed');
    await expect(page.locator('#expiry')).toContainText('1 before');
});

test('an operator stops a loom by phone, and it runs again', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await logIn(page, 'operator');
    await page.goto('/assets?q=LM-07');
    await page.locator('.index a[data-record]').first().click();
    await page.getByRole('link', { name: 'It is down' }).click();
    await page.locator('summary', { hasText: 'Say that it is down' }).click();
    await page.getByLabel('What stopped it').fill('warp break');
    await accessible(page);
    await page.getByRole('button', { name: 'It is down' }).click();
    await expect(page.getByRole('status')).toContainText('is down');
    await page.getByRole('button', { name: 'It runs again' }).click();
    await expect(page.getByRole('status')).toContainText('runs again');
});

test('many assets are changed at once after a preview, and back; filters are saved', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets/table?q=loom');
    await accessible(page);
    await page.getByText('Save this filter').click();
    await page.getByLabel('Name', { exact: true }).fill('All looms');
    await page.getByRole('button', { name: 'Save it' }).click();
    await expect(page.getByRole('link', { name: 'All looms' })).toBeVisible();
    await page.getByLabel('Choose LM-01').check();
    await page.getByLabel('Choose LM-02').check();
    await page.locator('select[name=set]').selectOption('criticality=A');
    await page.getByRole('button', { name: 'See what would change' }).click();
    await expect(page.getByRole('heading', { name: 'Set criticality of 2 assets' })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Set it for these 2' }).click();
    await expect(page.getByRole('status')).toContainText('2 assets are changed');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status')).toContainText('what they held before');
});

test('the log of the plant is filtered and exported; suppliers lead to their assets', async ({ page }) => {
    await logIn(page);
    await page.goto('/log?kind=document');
    await accessible(page);
    await expect(page.locator('.log li').first()).toContainText(/photo|drew on/);
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'CSV' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('log.csv');
    await page.goto('/suppliers?q=bearings');
    await page.locator('.index a[data-record]').first().click();
    await expect(page.getByRole('heading', { name: 'Hollin Bearings' })).toBeVisible();
    await accessible(page);
});

test('many meters are read on one walk, and a gauge says when it is beyond its limit', async ({ page }) => {
    await logIn(page, 'technician');
    await page.goto('/meters/round');
    await accessible(page);
    await page.getByLabel('Steam pressure of BLR-01 shows now').fill('9,8');
    await page.getByLabel('Running hours of SPN-07 shows now').fill('1');
    await page.getByRole('button', { name: 'Take these readings' }).click();
    await expect(page.getByRole('status')).toContainText('1 reading is taken');
    await expect(page.getByText('a counter never falls')).toBeVisible();
    await expect(page.getByLabel('Running hours of SPN-07 shows now')).toHaveValue('1');
    await page.getByRole('link', { name: 'Steam pressure', exact: true }).click();
    await expect(page.getByText('above its limit of 9.5').first()).toBeVisible();
    await accessible(page);
});

test('a label is opened by its tag where there is no camera', async ({ page }) => {
    await logIn(page, 'operator');
    await page.goto('/scan');
    await accessible(page);
    await page.getByLabel('Tag, or the code under it').fill('LM-99');
    await page.getByRole('button', { name: 'Open it' }).click();
    await expect(page.getByRole('alert')).toContainText('Nothing here has the tag');
    await page.getByLabel('Tag, or the code under it').fill('LM-03');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /Loom 3 LM-03/ })).toBeVisible();
});
