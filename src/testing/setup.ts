import fc from 'fast-check'

// One seed for every run: a property that fails here fails everywhere, and again tomorrow.
fc.configureGlobal({ seed: 20261125 })
