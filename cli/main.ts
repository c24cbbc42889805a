import { readFileSync, writeFileSync } from 'node:fs'
import { check } from './check'
import { cut } from './cut'
import { designs } from './designs'
import { planText } from './plan'
import { schemaText } from './schemaText'
import type { Answer } from './answer'

const USAGE = `wren plan  quilt.wren.json    the plan as JSON
wren check quilt.wren.json    what is wrong or risky; exit 1 if it cannot be made
wren cut   order.json         the cutting engine alone; JSON
wren designs                  the designs that ship; JSON
wren schema                   the JSON Schema of the quilt file
A file named - is standard input.`

/** Runs one command. Everything it has to say is in the answer; the shell around it prints. */
function run([command, ...rest]: readonly string[]): Answer {
  switch (command) {
    case 'plan':
      return withText(rest, planText)
    case 'check':
      return withText(rest, check)
    case 'cut':
      return withText(rest, cut)
    case 'designs':
      return rest.length === 0 ? designs() : usage(`designs takes no ${rest[0]}`)
    case 'schema':
      return schema(rest)
    default:
      return usage(command === undefined ? 'say what to do' : `there is no command ${command}`)
  }
}

function usage(why: string): Answer {
  return { exit: 2, error: `wren: ${why}\n${USAGE}\n` }
}

function withText(args: readonly string[], answer: (text: string) => Answer): Answer {
  const [file] = args
  if (file === undefined || args.length > 1) return usage('name one file')
  let text: string
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8')
  } catch {
    return { exit: 2, error: `file: cannot read ${file}\n` }
  }
  return answer(text)
}

function schema(args: readonly string[]): Answer {
  const text = schemaText()
  if (args[0] !== '--write' || args[1] === undefined) return { exit: 0, output: text }
  writeFileSync(args[1], text)
  return { exit: 0 }
}

const { exit, output = '', error = '' } = run(process.argv.slice(2))
// who reads may have seen enough of it
process.stdout.on('error', () => process.exit(exit))
process.stderr.write(error)
// a pipe takes a long plan in parts: leave by the exit code, not before it is all written
process.stdout.write(output, () => {
  process.exitCode = exit
})
