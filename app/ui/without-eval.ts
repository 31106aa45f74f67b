/**
 * Zod tries whether it may make functions from text, which the policy of the pages forbids and reports. It reads this
 * before its first schema, so it is loaded before any of them; Zod itself is not loaded on every page.
 */
if (typeof document !== 'undefined')
  Object.assign(((globalThis as { __zod_globalConfig?: object }).__zod_globalConfig ??= {}), { jitless: true })
