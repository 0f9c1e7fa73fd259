import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { CDPSession, Page } from '@playwright/test'
import { expect, kept, onDay, test } from './app'

/** What a screen reader is told of what has the focus: role, name, value, states, description. */
async function readOut(page: Page, accessibility: CDPSession): Promise<string> {
  const { result } = await accessibility.send('Runtime.evaluate', { expression: 'document.activeElement' })
  const { nodes } = await accessibility.send('Accessibility.getPartialAXTree', {
    objectId: result.objectId!,
    fetchRelatives: false,
  })
  const { role, name, value, description, properties = [] } = nodes[0]!
  const told = new Set(['checked', 'expanded', 'pressed', 'invalid', 'disabled'])
  const states = properties
    .filter((one) => told.has(one.name) && !(one.name === 'invalid' && one.value.value === 'false'))
    .map((one) => `${one.name} ${String(one.value.value)}`)
  return [
    `${String(role!.value)} “${String(name?.value ?? '')}”`,
    value?.value ? `value “${String(value.value)}”` : '',
    ...states,
    description?.value ? `also “${String(description.value)}”` : '',
  ]
    .filter(Boolean)
    .join(', ')
}

const table = join(__dirname, '../docs/read-out.md')
const lead = `# One job, as it is read out

A bed of tomatoes, its report, its amounts and its letter, by keyboard alone: what was pressed or typed, and what a screen
reader is told of what then has the focus. A browser test holds the app against this table (\`READ_OUT=write\` writes it).

| Pressed or typed | Read out |
| --- | --- |
`

const rowsIn = (text: string): readonly (readonly string[])[] =>
  text
    .split('\n')
    .filter((line) => line.startsWith('|'))
    .slice(2)
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    )

test('a whole job by keyboard is read out as the table has it', async ({ watched: page }) => {
  await onDay(page, '2026-11-26')
  const accessibility = await page.context().newCDPSession(page)
  await accessibility.send('Accessibility.enable')
  const rows: (readonly [string, string])[] = []
  const writing = process.env.READ_OUT === 'write'
  const known = writing ? [] : rowsIn(await readFile(table, 'utf8'))
  const note = async (done: string) => {
    // What comes late takes the focus once: it is read when it is as it should be, or, being written, when it stands.
    const wanted = writing ? undefined : known[rows.length]?.[1]
    let last = ''
    await expect(async () => {
      const before = last
      last = await readOut(page, accessibility)
      expect(last).toBe(wanted ?? before)
    })
      .toPass({ intervals: [150], timeout: 10_000 })
      .catch(() => undefined)
    rows.push([done, last])
  }
  const press = async (key: string, times = 1) => {
    for (let n = 0; n < times; n += 1) {
      await page.keyboard.press(key)
      await note(key)
    }
  }
  const write = async (text: string) => {
    await page.keyboard.type(text)
    await note(`“${text}”`)
  }
  const goTo = async (asked: string, then: string) => {
    await page.keyboard.press('ControlOrMeta+K')
    await note('Ctrl+K')
    await page.keyboard.type(asked)
    await expect(page.getByRole('listbox').getByRole('option').first()).toContainText(then)
    await note(`“${asked}”`)
    await page.keyboard.press('Enter')
  }

  await page.goto('/')
  await expect(page.getByRole('button', { name: 'Start a case' })).toBeVisible()
  await goTo('start', 'Start a case')
  await expect(page.getByLabel('Client')).toBeFocused()
  await note('Enter')
  await write('Mara Lind')
  await press('Tab', 3)
  await press('Enter')
  await write('12x18')
  await press('Enter')
  await write('tomato')
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible()
  await press('Enter')
  await press('Tab')
  await write('loam')
  await press('Tab')
  await goTo('results', 'Results')
  await expect(page.getByLabel('pH in water', { exact: true })).toBeVisible()
  await page.getByLabel('pH in water', { exact: true }).focus()
  await note('Enter, Tab to the first line')
  await write('56')
  await page.keyboard.press('ControlOrMeta+A')
  await write('5.6')
  await press('Enter')
  await kept(page)
  await goTo('amounts', 'Amounts')
  const main = page.getByRole('main')
  await expect(main.getByRole('region', { name: 'Lime' })).toBeVisible()
  await main.getByRole('button').first().focus()
  await note('Enter, Tab to the amounts')
  await press('Tab', 6)
  await goTo('letter', 'Letter')
  await expect(page.getByRole('article')).toBeVisible()
  await page.getByRole('button', { name: 'Print the letter' }).focus()
  await note('Enter, Tab to the doings')
  await press('Tab', 2)

  if (writing) await writeFile(table, lead + rows.map(([done, told]) => `| ${done} | ${told} |\n`).join(''))
  else expect(rows).toEqual(known)
})
