// Serves the built app on 127.0.0.1, or on HOST and PORT when they say otherwise.
import { createServer } from 'node:http'
import { fileURLToPath } from 'node:url'

process.env.NODE_ENV ??= 'production'
const { createRequestHandler } = await import('@react-router/express')
const { default: compression } = await import('compression')
const { default: express } = await import('express')

const root = fileURLToPath(new URL('..', import.meta.url))
const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 4310)

const app = express()
app.disable('x-powered-by')
app.use((_, response, next) => {
  response.set({ 'X-Content-Type-Options': 'nosniff', 'Referrer-Policy': 'same-origin', 'X-Frame-Options': 'DENY' })
  next()
})
// To a browser on this machine compression costs more than it saves.
const isLocal = ({ socket }) => /^(::1|(::ffff:)?127\.)/.test(socket.remoteAddress ?? '')
app.use(
  compression({ level: 2, filter: (request, response) => !isLocal(request) && compression.filter(request, response) }),
)
app.use('/assets', express.static(`${root}/build/client/assets`, { immutable: true, maxAge: '1y' }))
// The service worker decides what is kept: a new one must be seen at once.
app.get('/sw.js', (_, response) => response.sendFile(`${root}/build/client/sw.js`, { maxAge: 0 }))
app.use(express.static(`${root}/build/client`, { maxAge: '1h' }))
app.all('/{*path}', createRequestHandler({ build: () => import('../build/server/index.js') }))

const server = createServer(app)
server.on('error', (error) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop what runs there, or choose another: PORT=4311 bin/demo`
      : `The server could not start: ${error.message}`,
  )
  process.exit(1)
})
server.listen(port, host, () => console.log(`Plicator is at http://${host}:${port}`))

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    server.close(() => process.exit(0))
    server.closeAllConnections()
  })
}
