import { productRef } from '../shelf/product'
import { feeds } from '../shelf/product'
import { houseGroups, housed, shippedHouse } from '../shelf/house'
import { shippedProducts } from '../shelf/products'
import { anywhere, localOf } from './local'

test('every fertilizer that ships for a group is known, and stands there once', () => {
  for (const group of houseGroups) {
    const found = housed(anywhere.house, group, shippedProducts)
    expect(found.map(productRef)).toEqual(shippedHouse[group])
    expect(new Set(found).size).toBe(found.length)
    expect(found.every(feeds)).toBe(true)
  }
})

test('an office names its own for a group, and nothing that cannot be had there', () => {
  const { bans, house } = localOf({
    yearLimits: [{ id: 'l', name: 'County', what: 'P₂O₅', where: 'lawn', most: '0' }],
    house: { beds: ['blood-meal@1', 'urea@1'] },
    shelf: { 'urea@1': { bags: [], away: true }, '24-0-11@1': { bags: [], away: true } },
  })
  expect(bans.map(({ name }) => name)).toEqual(['County'])
  expect(house.beds).toEqual(['blood-meal@1'])
  expect(house.lawn).toEqual(shippedHouse.lawn.filter((ref) => ref !== '24-0-11@1'))
  expect(house.mix).toEqual(shippedHouse.mix)
})
