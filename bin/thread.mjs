// A thread of the built server: answers questions about line-ups, or reads files that were sent.
process.env.NODE_ENV ??= 'production'
const { answerInThread } = await import('../build/server/index.js')
answerInThread()
