import type { Locator, Page } from '@playwright/test'
import { expect, test } from './app'

/** A pair of hands: what they do is counted. */
export function handsOn(page: Page) {
  const count = { clicks: 0, keys: 0 }
  return {
    count,
    /** Chooses what a click would choose, by keyboard: what cannot be reached or opened so is a fault. */
    click: async (what: Locator) => {
      count.clicks += 1
      // A station that comes late takes the focus once.
      await expect(async () => {
        await what.focus()
        await expect(what).toBeFocused({ timeout: 500 })
      }).toPass()
      const takes = await what.evaluate((one) =>
        /^(?:checkbox|radio)$/.test(one.getAttribute('role') ?? one.getAttribute('type') ?? '')
          ? 'Space'
          : /^(?:BUTTON|A|SUMMARY)$/.test(one.tagName)
            ? 'Enter'
            : null,
      )
      if (takes) await page.keyboard.press(takes)
      // A click into a field takes what stands there.
      else await page.keyboard.press('ControlOrMeta+A')
    },
    /** Two clicks: a list, and what is chosen of it. */
    choose: async (list: Locator, label: string) => {
      count.clicks += 2
      await list.focus()
      await list.selectOption({ label })
    },
    keys: async (...keys: readonly string[]) => {
      for (const one of keys) {
        count.keys += 1
        await page.keyboard.press(one)
      }
    },
    type: async (text: string) => {
      count.keys += text.length
      await page.keyboard.type(text)
    },
  }
}
export type Hands = ReturnType<typeof handsOn>

/** From the Desk to a new case's ground. */
export async function startCase(page: Page, hands: Hands) {
  await page.goto('/')
  await hands.click(page.getByRole('button', { name: 'Start a case' }))
  await station(page, hands, 'Ground')
}

/** Another area, its size to be typed. */
export async function addArea(page: Page, hands: Hands) {
  await hands.click(page.getByRole('main').getByRole('button', { name: 'Add an area' }))
  await expect(page.getByLabel('Size', { exact: true })).toBeFocused()
}

export const station = (page: Page, hands: Hands, name: string) =>
  hands.click(page.getByRole('button', { name: new RegExp(`^${name}`) }))

/** Printed by whoever wants to know; nothing fails by them. */
export const tell = (name: string, { count }: Hands, wanted: string) =>
  test.info().annotations.push({
    type: 'hands',
    description: `${name}: ${count.clicks} clicks + ${count.keys} keys (${wanted} wanted)`,
  })

/** Another area with its size and its crop, as the fields follow each other. */
export async function growArea(page: Page, hands: Hands, size: string, crop: string) {
  await addArea(page, hands)
  await hands.type(size)
  await hands.keys('Enter')
  await hands.type(crop)
  await hands.keys('Enter', 'Escape')
}
