import { expect, test } from '@playwright/test'
import { beginQuilt, visit } from './support'

test('pages that have nothing to show yet say what will stand there, and have no button that does nothing', async ({
  page,
}) => {
  const quilt = await beginQuilt(page, 2, 1)
  for (const name of ['back', 'as-you-go', 'joining', 'chances']) {
    await visit(page, `${quilt}/${name}`)
    await expect(page.getByTestId('nothing-yet'), name).toContainText(/[Hh]ere .*stand/)
    await expect(page.getByRole('button', { name: /^Print/ }), name).toHaveCount(0)
    await expect(page.getByRole('link', { name: /step by step/ }), name).toHaveCount(0)
  }
})
