import { typedLimits } from '../core/shape/shape'
import { usualMost } from './useOverlong'

test('a field takes by itself what a file takes of what is typed', () => expect(usualMost).toBe(typedLimits.text))
