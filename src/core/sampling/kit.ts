import { say, type Sentence } from '../sentence/sentence'
import type { Depth, Sampling } from '../guides/sampling'
import type { Sampled } from './advice'

/** What to bring. Source: common practice. */
export function kitFor(ground: readonly Sampled[], bags: number): readonly Sentence[] {
  const meters = ground.some(({ area }) => area.lie.irrigated)
  return [
    say('kit.probe'),
    say('kit.bucket'),
    say('kit.bags', { bags }),
    say('kit.pen'),
    say('kit.paper'),
    ...(meters ? [say('kit.flags')] : []),
  ]
}

/**
 * How composites are taken, step by step. Source: common practice.
 *
 * @param cores of the one that is taken; null for several, of which each has its own
 */
export const stepsFor = (
  ground: readonly Sampled[],
  cores: number | null,
  depth: Depth,
  { bagCups, waitWeeks }: Pick<Sampling, 'bagCups' | 'waitWeeks'>,
): readonly Sentence[] => [
  say('step.wait', { weeks: waitWeeks }),
  ...(ground.some(({ area }) => area.lie.irrigated) ? [say('step.heads')] : []),
  say(ground.some(({ crop }) => crop?.use === 'container') ? 'step.clear-mix' : 'step.clear', {}),
  cores === null ? say('step.cores-each') : say('step.cores', { cores, from: depth.from, to: depth.to }),
  say('step.mix'),
  say('step.dry'),
  say('step.fill', { cups: bagCups }),
  say('step.label'),
]
