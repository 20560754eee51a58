import type { TestId } from '@/documents/record-document'
import type { Binding } from './binding'

/** What a test asks of the legs: one that carries everything, both feet near each other, both feet. */
const ASKS: Record<TestId, 'left' | 'right' | 'each' | 'both'> = {
  'stands-unaided': 'both',
  'side-by-side': 'both',
  'semi-tandem': 'both',
  tandem: 'both',
  'one-leg-left': 'left',
  'one-leg-right': 'right',
  'functional-reach': 'both',
  'lean-range': 'both',
  'chair-stand': 'both',
  // Walking is one leg after the other.
  'up-and-go': 'each',
}

/**
 * The limit that forbids a test: it is neither started nor invited to. Null where it may be done.
 * @example findForbids('one-leg-left', [])  // => null
 */
export function findForbids(test: TestId, bindings: readonly Binding[]): Binding | null {
  const asks = ASKS[test]
  const forbids = ({ what, side, entry }: Binding): boolean => {
    if (what === 'seatedOnly') return entry.value === true
    if (what !== 'loadMaxPct') return false
    const share = Number(entry.value)
    if (asks === 'both') return share < 50
    return share < 100 && (asks === 'each' || side === undefined || side === asks)
  }
  return bindings.find(forbids) ?? null
}
