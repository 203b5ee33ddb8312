import { applyPatch, deepClone, type Operation as PatchOperation } from 'fast-json-patch'
import type { Brief, Operation } from './api/types'
import { keptOf, wordOf } from './entity'

/** What a brief becomes by one step; the brief itself stays as it is. */

export type List = 'starters' | 'extras'

const copy = (brief: Brief) => deepClone(brief) as Brief

/** The pick under a pointer; undefined where there is none. */
export function valueAt(brief: Brief, pointer: string): unknown {
  const [block, key] = pointer.slice(1).split('/') as [string, string?]
  const holder = brief[block]
  return key ? (holder as Record<string, unknown> | undefined)?.[key] : holder
}

/** The same as the text that says it; empty where there is none. */
export function textAt(brief: Brief, pointer: string): string {
  return pointer === '/entity' ? wordOf(brief.entity) : String(valueAt(brief, pointer) ?? '')
}

/** With a pick set by its pointer, or taken back when the value is empty. */
export function withPick(brief: Brief, pointer: string, value: string): Brief {
  const next = copy(brief)
  const [block, key] = pointer.slice(1).split('/') as [string, string?]
  const holder = (key ? ((next[block] as object | undefined) ?? (next[block] = {})) : next) as Record<
    string,
    unknown
  >
  if (value === '') delete holder[key ?? block]
  else holder[key ?? block] = pointer === '/entity' ? keptOf(value) : value
  if (block === 'settings' && !Object.keys(holder).length) delete next.settings
  return next
}

/** With a framework line and a level; of some languages, which then is named, that is the version. */
export function withJoint(brief: Brief, framework: string, jvm: number, levelled: string | null): Brief {
  const next = copy(brief)
  next.framework = framework
  if (levelled) {
    next.language = `${levelled}@${jvm}`
    delete next.jvm
  } else {
    next.jvm = jvm
  }
  return next
}

/** With a starter or extra more. */
export function withOne(brief: Brief, list: List, id: string): Brief {
  const next = copy(brief)
  const ids = next[list] ?? []
  if (!ids.includes(id)) next[list] = [...ids, id]
  return next
}

/** With a starter or extra less. */
export function withoutOne(brief: Brief, list: List, id: string): Brief {
  const next = copy(brief)
  next[list] = (next[list] ?? []).filter((each) => each !== id)
  return next
}

/** After a way out; as it is when the way belonged to a brief of before, which had other keys. */
export function patched(brief: Brief, patch: Operation[]): Brief {
  try {
    return applyPatch(copy(brief), patch as PatchOperation[]).newDocument as Brief
  } catch {
    return brief
  }
}
