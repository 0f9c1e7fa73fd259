/** The schema of a case today, and of its file. It goes up by one with every change of their shape (`schemas/migrations.ts`). */
export const caseSchemaNumber = 11 as const
