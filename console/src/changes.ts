import { picksOf } from './address'
import type { Brief, Operation } from './api/types'
import { patched } from './nextBrief'

/** A pick that two briefs do not share; empty where one of them leaves it open. */
export interface Contrast {
  key: string
  left: string
  right: string
}

/** The picks in which two briefs differ, in the order in which they are met. */
export function contrasts(left: Brief, right: Brief): Contrast[] {
  const isListed = (key: string) => key === 'starter' || key === 'extra'
  const [before, after] = [picksOf(left), picksOf(right)]
  const single = (picks: [string, string][]) => new Map(picks.filter(([key]) => !isListed(key)))
  const [was, is] = [single(before), single(after)]
  const changed = [...new Set([...was.keys(), ...is.keys()])]
    .filter((key) => was.get(key) !== is.get(key))
    .map((key) => ({ key, left: was.get(key) ?? '', right: is.get(key) ?? '' }))
  const only = (some: [string, string][], others: [string, string][]) =>
    some.filter(([key, id]) => isListed(key) && !others.some(([k, other]) => k === key && other === id))
  return [
    ...changed,
    ...only(before, after).map(([key, id]) => ({ key, left: id, right: '' })),
    ...only(after, before).map(([key, id]) => ({ key, left: '', right: id })),
  ]
}

/** What a patch does to a brief, a few words for each pick that it touches. */
export function changesOf(brief: Brief, patch: Operation[]): string[] {
  return contrasts(brief, patched(brief, patch)).map(({ key, left, right }) => {
    if (key === 'starter' || key === 'extra') return right ? `+ ${right}` : `− ${left}`
    if (!right) return `${key} left to the service`
    return left ? `${key} ${left} → ${right}` : `${key} ${right}`
  })
}
