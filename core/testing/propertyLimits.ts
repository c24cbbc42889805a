import fc from 'fast-check'

/**
 * The cases of property tests are the same in every run, so that a run that fails fails again; `npm run explore` looks
 * for more. A case that fails is made smaller for so long and then told, where making it smallest would take an hour.
 */
const isExploring = process.env.EXPLORE === '1'
fc.configureGlobal({ interruptAfterTimeLimit: 100_000, ...(isExploring ? {} : { seed: 20_261_130 }) })
