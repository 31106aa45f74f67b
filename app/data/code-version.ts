declare const __CORE_VERSION__: string | undefined

/** Tells one version of the computations from another: what was worked out by another is worked out again. */
export const codeVersion: string = typeof __CORE_VERSION__ === 'undefined' ? 'not built' : __CORE_VERSION__
