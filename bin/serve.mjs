// Serves the built app on 127.0.0.1, or on HOST and PORT when they say otherwise.
process.env.NODE_ENV ??= 'production'
const { serve } = await import('../build/server/index.js')
await serve()
