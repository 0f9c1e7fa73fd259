import { build } from './run.mjs'

/** Builds for production what is not built yet. */
await build()
