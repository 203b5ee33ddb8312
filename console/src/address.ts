import type { Brief } from './api/types'

/**
 * The brief as the address bar holds it: behind the `#`, so that it is sent to nobody, in the words
 * that also fetch an archive: `#pick=name:berth-booking&pick=starter:http-api`.
 */
const PROJECT = ['name', 'group', 'title', 'summary', 'package', 'version', 'organisation', 'licence', 'year']
const SETTINGS = ['port', 'format', 'mirror']
const LISTS: Record<string, 'starters' | 'extras'> = { starter: 'starters', extra: 'extras' }
const NUMBERS = ['year', 'port', 'jvm', 'jdk']

/** Every pick as key and value. */
export function picksOf(brief: Brief): [string, string][] {
  const picks: [string, string][] = []
  for (const [key, value] of Object.entries(brief)) {
    if (key === 'brief' || key === 'variants' || value === undefined) continue
    if (Array.isArray(value)) value.forEach((id) => picks.push([key.slice(0, -1), String(id)]))
    else if (typeof value === 'object' && value !== null)
      Object.entries(value).forEach(([inner, text]) => picks.push([inner, String(text)]))
    else picks.push([key, String(value)])
  }
  return picks
}

export function addressOf(brief: Brief): string {
  const picks = new URLSearchParams(picksOf(brief).map(([key, value]) => ['pick', `${key}:${value}`]))
  // Both may stand behind the `#` as they are, and are easier to read so.
  return '#' + picks.toString().replaceAll('%3A', ':').replaceAll('%40', '@')
}

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
    if (split < 1 || key === '__proto__') continue
    if (list) brief[list] = [...(brief[list] ?? []), text]
    else if (PROJECT.includes(key)) brief.project[key] = value
    else if (SETTINGS.includes(key)) brief.settings = { ...brief.settings, [key]: value }
    else brief[key] = value
  }
  return brief
}
