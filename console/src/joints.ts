import { addressOf } from './address'
import { fetchLattice } from './api/service'
import type { Brief, Lattice } from './api/types'

/** The joints of so many briefs are kept at hand: of the last ones, and of what was pointed at. */
const MOST = 32

/** A pointer that has rested for so many milliseconds means what it points at. */
const RESTS = 40

/**
 * The joints that briefs leave. What is pointed at is asked for before it is picked, so that a pick
 * is seen to count at once.
 */
export function useJoints() {
  const known = new Map<string, Promise<Lattice>>()
  let resting: ReturnType<typeof setTimeout> | undefined

  function of(brief: Brief): Promise<Lattice> {
    const key = addressOf(brief)
    const there = known.get(key)
    known.delete(key)
    const grid = there ?? fetchLattice(brief)
    known.set(key, grid)
    if (known.size > MOST) known.delete(known.keys().next().value!)
    grid.catch(() => known.get(key) === grid && known.delete(key))
    return grid
  }

  /** Asks for the joints of what a pick would make of the brief, once the pointer rests on it. */
  function foresee(next: Brief) {
    clearTimeout(resting)
    resting = setTimeout(() => void of(next).catch(() => {}), RESTS)
  }

  /** Another service, or another edition, may have other joints. */
  const forget = () => known.clear()

  return { of, foresee, forget }
}
