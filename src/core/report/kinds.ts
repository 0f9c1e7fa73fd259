export const reportKinds = ['laboratory', 'index', 'words', 'mix', 'kit', 'meter'] as const
/** A laboratory's numbers, its own index, class words only, an extract of soilless mix, a home kit, a meter. */
export type ReportKind = (typeof reportKinds)[number]
