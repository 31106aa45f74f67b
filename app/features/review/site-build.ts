/** How far the site is that is built of all published reviews. */
export interface SiteBuild {
  state: 'none' | 'building' | 'built' | 'stopped' | 'failed'
  done: number
  total: number
  /** Articles that were written anew. */
  written: number
}
