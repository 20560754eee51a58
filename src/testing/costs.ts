import fc from 'fast-check'

const cost = fc.oneof(
  fc.constant(Number.POSITIVE_INFINITY),
  fc.integer({ min: 0, max: 40 }).map((n) => n / 4),
)

/** What some candidates cost some people; infinity where one does not pass. */
export const anyCosts: fc.Arbitrary<Float64Array[]> = fc
  .tuple(fc.integer({ min: 1, max: 7 }), fc.integer({ min: 1, max: 11 }))
  .chain(([people, candidates]) =>
    fc.array(fc.array(cost, { minLength: candidates, maxLength: candidates }), {
      minLength: people,
      maxLength: people,
    }),
  )
  .map((rows) => rows.map((row) => Float64Array.from(row)))
