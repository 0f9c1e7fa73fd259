import { contentPolicy } from './proxy'

test('the policy allows the page’s own scripts by hash, and nothing unsafe', () => {
  const policy = contentPolicy(['sha256-abc=', 'sha256-def='])
  expect(policy).toContain("script-src 'self' 'sha256-abc=' 'sha256-def=' 'wasm-unsafe-eval';")
  expect(policy).toContain("default-src 'none'")
  expect(policy).toContain("frame-ancestors 'none'")
  expect(policy).not.toMatch(/'unsafe|\*|https?:/)
  expect(contentPolicy([])).toContain("script-src 'self' 'wasm-unsafe-eval';")
})
