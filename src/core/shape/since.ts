import { blankOf } from './blank'
import { isRecord, type Shape } from './shape'

/**
 * A value with the fields that its shape has since a schema, blank where they are missing. Nothing else about it is
 * changed, nor certain: it may be a damaged one, or of a schema in between.
 *
 * @param schema the one that brought the fields
 */
export function withFieldsSince(schema: number, shape: Shape, value: unknown): unknown {
  const all = (of: Shape) => (one: unknown) => withFieldsSince(schema, of, one)
  switch (shape.is) {
    case 'optional':
      return value === null ? null : all(shape.of)(value)
    case 'list':
      return Array.isArray(value) ? value.map(all(shape.of)) : value
    case 'record':
      return isRecord(value)
        ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, all(shape.of)(one)]))
        : value
    case 'fields':
      return isRecord(value) ? withFields(schema, shape.of, value) : value
    default:
      return value
  }
}

function withFields(
  schema: number,
  of: Readonly<Record<string, Shape>>,
  value: Readonly<Record<string, unknown>>,
): Readonly<Record<string, unknown>> {
  const made: Record<string, unknown> = { ...value }
  for (const [name, shape] of Object.entries(of)) {
    if (name in made) made[name] = withFieldsSince(schema, shape, made[name])
    else if (shape.since === schema) made[name] = blankOf(shape)
  }
  return made
}
