// The thread of the built server that answers questions about line-ups.
process.env.NODE_ENV ??= 'production'
const { answerLineupQueries } = await import('../build/server/index.js')
answerLineupQueries()
