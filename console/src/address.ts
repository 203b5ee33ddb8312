import type * as Told from './api/contract'
import type { Brief, Variants } from './api/types'
import { keptOf, wordOf } from './entity'

/**
 * The brief as the address bar holds it: behind the `#`, so that it is sent to nobody, in the words
 * that also fetch an archive: `#pick=name:berth-booking&pick=starter:http-api`. Variants are one
 * pick, and `variant=NAME` says which of them is looked at.
 */
// Held against the description of the service: a key that is missing here does not compile.
const PROJECT: Record<keyof NonNullable<Told.Brief['project']>, true> = {
  name: true,
  group: true,
  title: true,
  summary: true,
  package: true,
  entry: true,
  database: true,
  version: true,
  organisation: true,
  licence: true,
  year: true,
}
const SETTINGS: Record<keyof NonNullable<Told.Brief['settings']>, true> = {
  port: true,
  format: true,
  mirror: true,
  threads: true,
  managementPort: true,
}
type Single = Exclude<keyof Told.Brief, 'brief' | 'project' | 'settings' | 'starters' | 'extras' | 'variants'>
const BEFORE_SETTINGS: Record<Exclude<Single, 'sample' | 'entity' | 'layout' | 'edition'>, true> = {
  build: true,
  language: true,
  jvm: true,
  jdk: true,
  alongside: true,
  framework: true,
  packaging: true,
}
/** In the order in which the command line says them, so that both say the same. */
const ORDER = [PROJECT, BEFORE_SETTINGS, SETTINGS].flatMap((block) => Object.keys(block))
ORDER.push('sample', 'entity', 'layout', 'edition')
const place = (key: string) => {
  const at = ORDER.indexOf(key)
  return at < 0 ? ORDER.length + (key === 'starter' ? 1 : key === 'extra' ? 2 : 0) : at
}
const LISTS: Record<string, 'starters' | 'extras'> = { starter: 'starters', extra: 'extras' }
const NUMBERS = ['year', 'port', 'jvm', 'jdk']

/** Every pick as key and value; variants are no picks of the brief itself. */
export function picksOf(brief: Brief): [string, string][] {
  const picks: [string, string][] = []
  for (const [key, value] of Object.entries(brief)) {
    if (key === 'brief' || key === 'variants' || value === undefined) continue
    if (key === 'entity') picks.push([key, wordOf(value as Brief['entity'])])
    else if (Array.isArray(value)) value.forEach((id) => picks.push([key.slice(0, -1), String(id)]))
    else if (typeof value === 'object' && value !== null)
      Object.entries(value).forEach(([inner, text]) => picks.push([inner, String(text)]))
    else picks.push([key, String(value)])
  }
  return picks.sort(([one], [other]) => place(one) - place(other))
}

/** Picks as the query of an address, by the letter as the command line prints them. */
export function queryOf(brief: Brief): string {
  const picks = picksOf(brief).map(([key, value]) => ['pick', `${key}:${value}`])
  if (Object.keys(brief.variants ?? {}).length)
    picks.push(['pick', 'variants:' + JSON.stringify(brief.variants)])
  return (
    new URLSearchParams(picks)
      .toString()
      .replaceAll('+', '%20')
      // These may stand in a query as they are, and are easier to read so.
      .replaceAll('%3A', ':')
      .replaceAll('%40', '@')
      .replaceAll('%2F', '/')
  )
}

/** The address of a brief, of which one variant may be looked at. */
export const addressOf = (brief: Brief, variant = '') =>
  '#' + queryOf(brief) + (variant ? '&variant=' + encodeURIComponent(variant) : '')

/** Parts of a brief that are no texts; an address that sets one so was never made here. */
const NO_PICKS = ['brief', 'project', 'starters', 'extras', 'settings', '__proto__']

/** The brief that an address holds; null if it holds none. */
export function briefOf(hash: string): Brief | null {
  const picks = new URLSearchParams(hash.replace(/^#/, '')).getAll('pick')
  if (!picks.length) return null
  const brief: Brief = { brief: 1, project: {} }
  for (const pick of picks) {
    const split = pick.indexOf(':')
    const key = pick.slice(0, split)
    const text = pick.slice(split + 1)
    const value = NUMBERS.includes(key) && /^[0-9]{1,6}$/.test(text) ? Number(text) : text
    const list = LISTS[key]
    if (split < 1 || NO_PICKS.includes(key)) continue
    if (key === 'variants') brief.variants = variantsOf(text)
    else if (list) brief[list] = [...(brief[list] ?? []), text]
    else if (Object.hasOwn(PROJECT, key)) brief.project[key] = value
    else if (Object.hasOwn(SETTINGS, key)) brief.settings = { ...brief.settings, [key]: value }
    else if (key === 'entity') brief.entity = keptOf(text)
    else brief[key] = value
  }
  return brief
}

/** Differences under names; what is none is left out, and the rest of the brief is kept. */
function variantsOf(text: string): Variants | undefined {
  try {
    const told: unknown = JSON.parse(text)
    if (typeof told !== 'object' || told === null || Array.isArray(told)) return undefined
    return Object.fromEntries(
      Object.entries(told).filter(([, patch]) => typeof patch === 'object' && patch !== null),
    ) as Variants
  } catch {
    return undefined
  }
}

/** Which variant an address looks at; empty for the brief itself. */
export function lookedAt(hash: string, brief: Brief): string {
  const name = new URLSearchParams(hash.replace(/^#/, '')).get('variant') ?? ''
  return Object.hasOwn(brief.variants ?? {}, name) ? name : ''
}
