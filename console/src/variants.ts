import { deepClone } from 'fast-json-patch'
import type { Brief, Variants } from './api/types'

/**
 * The variants of a brief: under each name the differences from the brief itself, as a JSON Merge
 * Patch (RFC 7396). `default` marks the one that is meant where none is named.
 */
type Patch = Variants[string]

/** What a variant may be called: it becomes the name of a directory. */
export const NAME = /^[a-z0-9][a-z0-9-]{0,29}$/
/** So many the service reads. */
export const MOST = 20

const isBlock = (value: unknown): value is Patch =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

export const namesOf = (whole: Brief): string[] => Object.keys(whole.variants ?? {})

export const isMeant = (whole: Brief, name: string): boolean =>
  ['yes', 'true', true].includes(whole.variants?.[name]?.default as string | boolean)

/** The brief itself. */
export function itself(whole: Brief): Brief {
  const brief = deepClone(whole) as Brief
  delete brief.variants
  return brief
}

/** After a merge patch: keys replace, `null` takes away, lists are replaced as a whole. */
export function merged(target: Patch, patch: Patch): Patch {
  const result = { ...target }
  for (const [key, value] of Object.entries(patch)) {
    if (value === null) delete result[key]
    else if (isBlock(value)) result[key] = merged(isBlock(result[key]) ? result[key] : {}, value)
    else result[key] = value
  }
  return result
}

/** Which of the brief's forms a brief is by the letter; undefined for none. */
export const formOf = (whole: Brief, brief: Brief): string | undefined =>
  ['', ...namesOf(whole)].find((name) => same(variant(whole, name), brief))

/** A variant as a brief of its own; the brief itself for an empty name. */
export function variant(whole: Brief, name: string): Brief {
  if (!name) return itself(whole)
  const { default: _, ...patch } = whole.variants?.[name] ?? {}
  return merged(itself(whole), patch) as Brief
}

function between(from: Patch, to: Patch): Patch {
  const patch: Patch = {}
  for (const key of Object.keys(from)) if (to[key] === undefined) patch[key] = null
  for (const [key, value] of Object.entries(to)) {
    if (value === undefined || same(from[key], value)) continue
    patch[key] = isBlock(value) && isBlock(from[key]) ? between(from[key], value) : value
  }
  return patch
}

/** With another brief under a name, kept as its differences; under an empty one the brief itself. */
export function withVariant(whole: Brief, name: string, next: Brief): Brief {
  if (!name) return whole.variants ? { ...next, variants: whole.variants } : next
  const patch = between(itself(whole), next)
  if (isMeant(whole, name)) patch.default = 'yes'
  return { ...whole, variants: { ...whole.variants, [name]: patch } }
}

/** Without a variant. */
export function withoutVariant(whole: Brief, name: string): Brief {
  const { [name]: _, ...left } = whole.variants ?? {}
  const next = { ...whole, variants: left }
  return Object.keys(left).length ? next : itself(next)
}

/** With a variant under another name, in its place. */
export const renamed = (whole: Brief, name: string, to: string): Brief => ({
  ...whole,
  variants: Object.fromEntries(
    Object.entries(whole.variants ?? {}).map(([each, patch]) => [each === name ? to : each, patch]),
  ),
})

/** With this variant, or the brief itself, meant where none is named. */
export const withMeant = (whole: Brief, name: string): Brief => ({
  ...whole,
  variants: Object.fromEntries(
    Object.entries(whole.variants ?? {}).map(([each, { default: _, ...patch }]) => [
      each,
      each === name ? { ...patch, default: 'yes' } : patch,
    ]),
  ),
})

/** A name that no variant has yet. */
export function freeName(whole: Brief): string {
  const taken = namesOf(whole)
  let number = taken.length + 1
  while (taken.includes(`variant-${number}`)) number++
  return `variant-${number}`
}
