// npm run demo: installs what is missing, builds what is stale, starts the production server with the demo quilts.
import { buildIfStale, freePort, installPackages, startServer } from './system.mjs'

if (!installPackages() || !buildIfStale()) process.exit(1)
const { server, address } = await startServer(await freePort(Number(process.env.PORT ?? 3000)), {
  NUXT_PUBLIC_DEMO: '1',
})
console.log(`\nWren is at ${address}   (Ctrl C ends it)\n`)
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill())
server.on('exit', code => process.exit(code ?? 0))
