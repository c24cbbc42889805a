import fc from 'fast-check'

// a case that fails is made smaller for so long and then told, where making it smallest would take an hour
fc.configureGlobal({ interruptAfterTimeLimit: 100_000 })
