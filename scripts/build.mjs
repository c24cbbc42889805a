// Builds the application when a source file is newer than the last build.
import { buildIfStale } from './system.mjs'

process.exit(buildIfStale() ? 0 : 1)
