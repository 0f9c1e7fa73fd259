import type { Laboratory, LaboratoryReport, Receipt } from '@/demo/laboratory'

const address = '/api/v1/simulated-laboratory'

/** The laboratory that samples are sent to. Another one is another object of this kind. */
export const laboratory: Laboratory = {
  async submit(submission) {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(submission),
    })
    if (!response.ok) throw new Error(`the laboratory answered ${response.status}`)
    return (await response.json()) as Receipt
  },
  async collect(ticket) {
    const response = await fetch(`${address}?${new URLSearchParams({ ticket })}`)
    if (response.status === 202) return null
    if (!response.ok) throw new Error(`the laboratory answered ${response.status}`)
    return ((await response.json()) as { reports: readonly LaboratoryReport[] }).reports
  },
}
