import type { Brief } from './api/types'

/** What the walk through is about, as a brief says it; and the form in which it is edited. */

export const TYPES = ['text', 'integer', 'decimal', 'boolean', 'date', 'instant', 'uuid', 'choice'] as const
export type Type = (typeof TYPES)[number]

export interface Field {
  name: string
  type: Type
  /** LEAST..MOST as it was typed; of a choice its words with bars. */
  detail: string
  optional: boolean
  unique: boolean
}
export interface Entity {
  name: string
  fields: Field[]
}

const FORM =
  /^([A-Za-z][A-Za-z0-9|-]*?)\s*((?:-?[0-9.]+)?\.\.(?:-?[0-9]+(?:\.[0-9]+)?)?)?\s*(\?)?(\s+unique)?$/

/** One word, as a command line and an address say it; empty for none. */
export function wordOf(entity: Brief['entity']): string {
  if (entity === undefined || typeof entity === 'string') return entity ?? ''
  const fields = Object.entries(entity.holds ?? {}).map(([name, form]) => `${name} ${form}`)
  return `${entity.name}: ${fields.join(', ')}`
}

/** The parts of a word; what is no field form becomes a text, as the service will say. */
export function partsOf(word: string): Entity {
  const colon = word.indexOf(':')
  const name = (colon < 0 ? word : word.slice(0, colon)).trim()
  const rest = colon < 0 ? '' : word.slice(colon + 1)
  const fields = rest
    .split(',')
    .map((each) => each.trim())
    .filter(Boolean)
    .map(fieldOf)
  return { name, fields }
}

function fieldOf(text: string): Field {
  const blank = text.indexOf(' ')
  const name = blank < 0 ? text : text.slice(0, blank)
  const form = FORM.exec(blank < 0 ? '' : text.slice(blank).trim())
  const said = form?.[1] ?? 'text'
  const known = (TYPES as readonly string[]).includes(said)
  return {
    name,
    type: known ? (said as Type) : 'choice',
    detail: known ? (form?.[2] ?? '') : said,
    optional: form?.[3] !== undefined,
    unique: form?.[4] !== undefined,
  }
}

/** What stands behind the name of a field. */
export function formOf(field: Field): string {
  const range = field.detail && !field.detail.startsWith('..') ? ' ' + field.detail : field.detail
  const said =
    field.type === 'choice' ? field.detail || 'one|other' : field.type + (ranged(field) ? range : '')
  return said + (field.optional ? '?' : '') + (field.unique && canBeUnique(field) ? ' unique' : '')
}

/** Whether a range can be asked of it. */
export const ranged = (field: Field) => ['text', 'integer', 'decimal'].includes(field.type)

/** Whether no two may have the same. */
export const canBeUnique = (field: Field) => !['boolean', 'choice'].includes(field.type)

/** What a brief keeps of a word: both parts, unless a name is there twice, which the service tells. */
export function keptOf(word: string): string | ReturnType<typeof documentOf> {
  const parts = partsOf(word)
  const names = new Set(parts.fields.map((field) => field.name))
  return parts.fields.length && names.size === parts.fields.length ? documentOf(parts) : word
}

/** The document's form of an entity. */
export const documentOf = (entity: Entity) => ({
  name: entity.name,
  holds: Object.fromEntries(entity.fields.map((field) => [field.name, formOf(field)])),
})
