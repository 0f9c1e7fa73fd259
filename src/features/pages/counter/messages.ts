export const en = {
  title: 'Counter sheet',
  lead: 'A pH, a crop and a size give an answer. Everything else makes it better.',
  keep: 'Keep as a case',
  clear: 'Start afresh',
  more: 'More from the report',
  recommends: 'The laboratory’s own figures',
  areaName: 'Counter sheet',
  keptName: 'Area 1',
  loading: 'One moment…',
  waiting: 'The amounts appear here as you type.',
} as const
