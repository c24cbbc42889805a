import { z } from 'zod'
import { quiltFileSchema } from '../core/file/schema'

/** The JSON Schema of what may be written in a quilt file, for `docs/`. */
export function schemaText(): string {
  return `${JSON.stringify(z.toJSONSchema(quiltFileSchema('in'), { io: 'input', unrepresentable: 'any' }), null, 2)}\n`
}
