import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import Papa from 'papaparse'
import { defaultGuide, guides } from '../src/core/guides/guides'
import { guideRef } from '../src/core/guides/guide'
import { exerciseOf, type Topic } from '../src/core/practice/exercise'
import { shippedProducts } from '../src/core/shelf/products'
import { expect, test } from './app'

const right = (set: number, topic: Topic, i = 0) =>
  exerciseOf(set * 100 + i, topic, 1, guideRef(defaultGuide), guides, shippedProducts).right

test('job d: a volunteer practises: marked with the slip that was made, progress kept, a set printed with its answers', async ({
  watched: page,
}) => {
  await page.goto('/practice')
  const one = page.getByRole('article', { name: 'Case 1' })
  const answer = one.getByLabel('Your answer')
  // Ten times too much: which ground it was said of.
  await answer.fill(`${(right(1, 'lime') * 10).toPrecision(3)} lb`)
  await answer.press('Enter')
  await expect(one.getByRole('status')).toHaveText('Not right')
  await expect(one).toContainText('It is for 1,000 ft², and was said of 100 ft².')
  await one.getByText('How it comes about').click()
  await expect(one.getByRole('listitem').first()).toBeVisible()
  await answer.fill(`${right(1, 'lime').toPrecision(3)} lb`)
  await answer.press('Enter')
  await expect(one.getByRole('status')).toHaveText('Right')
  // What cannot be read is asked about, and stays.
  await answer.fill('a lot')
  await answer.press('Enter')
  await expect(one.getByText('No amount can be read in')).toBeVisible()
  await expect(answer).toHaveValue('a lot')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])

  const progress = page.getByRole('region', { name: /^Progress of/ })
  await expect(progress).toContainText('1 of 2 right')
  await page.reload()
  await expect(progress).toContainText('1 of 2 right')
  await expect(progress).toContainText('Look at again: It is for 1,000 ft²')
  const download = page.waitForEvent('download')
  await progress.getByRole('button', { name: 'Save the progress as CSV' }).click()
  const csv = await readFile((await (await download).path())!, 'utf8')
  expect(Papa.parse(csv.replace('\uFEFF', ''), { header: true, skipEmptyLines: true }).data).toHaveLength(2)

  // A set of a supervisor's: the same number is the same set, with its answers on a page of their own.
  await page.getByLabel('What is practised').selectOption({ label: 'phosphate' })
  await page.getByLabel('Cases in a set').selectOption('3')
  await page.getByLabel('Set number').fill('12')
  await expect(page.getByRole('article')).toHaveCount(3)
  await page.emulateMedia({ media: 'print' })
  const sheet = page.getByRole('region', { name: 'Answer sheet' })
  await expect(sheet.getByRole('listitem')).toHaveCount(3)
  await page.emulateMedia({ media: 'screen' })
  await page.getByLabel('Set number').fill('twelve')
  await expect(page.getByText('Type a whole number from 1 to 99999')).toBeVisible()
})
