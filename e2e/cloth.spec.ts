import { expect, test } from '@playwright/test';
import { newBifold, noAxeViolation } from './steps.ts';

test('five layers are laid on each other: dragged, by keyboard, and taken off again', async ({ page }) => {
  await newBifold(page);
  await page.getByRole('link', { name: 'Cloth' }).click();
  const shell = page.getByRole('list', { name: 'Layers of shell, from the right side' });
  await expect(shell.getByRole('listitem')).toHaveCount(2);
  const drag = async (from: string, to: ReturnType<typeof shell.locator>) => {
    await page.getByRole('button', { name: from }).scrollIntoViewIfNeeded();
    const [a, b] = [await page.getByRole('button', { name: from }).boundingBox(), await to.boundingBox()];
    await page.mouse.move(a!.x + 60, a!.y + a!.height / 2);
    await page.mouse.down();
    await page.mouse.move(b!.x + b!.width / 2, b!.y + b!.height / 2, { steps: 12 });
    await page.mouse.up();
  };
  // before the second layer
  await drag('Lay Fusible fleece', shell.getByRole('listitem').nth(1));
  await expect(shell.getByRole('listitem').nth(1)).toContainText('Fusible fleece');
  await expect(shell.getByRole('listitem').nth(1)).toContainText('to the stitch line');
  // by keyboard on the chosen stack
  await page.getByRole('button', { name: 'Lay Stretch mesh, slate' }).press('Enter');
  await page.getByRole('button', { name: 'Lay Linen, undyed' }).press('Enter');
  await expect(shell.getByRole('listitem')).toHaveCount(5);
  const hand = page.getByLabel('The stack in hand');
  // 0.62 + 2.4 + 0.2 + 0.5 + 0.4 as they lie; under the foot each by its share
  await expect(page.getByRole('button', { name: /^Shell/ })).toContainText('4.1 mm as it lies');
  await expect(hand).toContainText(
    'Stretch mesh, slate bears an iron of 110 °C at most, and Fusible fleece is ironed on',
  );
  // seam: twice canvas, mesh and linen, 2 x (0.527 + 0.35 + 0.32)
  await expect(hand.getByRole('img', { name: 'A seam, 2.4 under the foot' })).toBeVisible();
  await hand
    .getByRole('radiogroup', { name: 'How far Fusible fleece goes' })
    .getByRole('radio', { name: 'into the seam' })
    .click();
  await expect(hand).toContainText('Fusible fleece goes into the seams');
  await hand.getByRole('button', { name: 'Linen, undyed further out' }).click();
  await expect(shell.getByRole('listitem').nth(3)).toContainText('Linen');
  await hand.getByRole('button', { name: 'Take Linen, undyed off' }).click();
  await expect(shell.getByRole('listitem')).toHaveCount(4);
  // a layer is moved with the keyboard alone
  const grip = shell.getByRole('button', { name: 'Move Cotton canvas, indigo' });
  await grip.focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(150);
  await page.keyboard.press('ArrowDown');
  await page.waitForTimeout(150);
  await page.keyboard.press('Space');
  await expect(shell.getByRole('listitem').nth(1)).toContainText('Cotton canvas');
  await noAxeViolation(page);
  for (let step = 0; step < 7; step++) await page.keyboard.press('Control+z');
  await expect(shell.getByRole('listitem')).toHaveCount(2);
});
