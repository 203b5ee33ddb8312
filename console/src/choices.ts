import type { Catalog, Check } from './api/types'
import type { Choice } from './components/choice'

const EXACTLY = 'exactly this version'

/**
 * What the pick under a pointer can be changed to, with what the service says of each. Texts without
 * choices have none.
 */
export function choicesOf(pointer: string, catalog: Catalog | null, check: Check | null): Choice[] {
  const kind = pointer.split('/').at(-1)
  const choice = (id: string, label: string, hint = '', depth: Choice['depth'] = 0): Choice => {
    const offer = check?.offers.find((each) => each.kind === kind && each.id === id)
    return { id, label, hint, depth, possible: offer?.possible ?? true, because: offer?.because ?? null }
  }
  /** What can be checked already, but not be taken home yet. */
  const later = (option: { planned: boolean }) => (option.planned ? 'checked, not written yet' : '')
  const plain = (options: { id: string; label: string; summary: string; planned: boolean }[]) =>
    options.map((each) => choice(each.id, each.label, later(each) || each.summary))

  const languages = (all: Catalog) =>
    all.languages.flatMap((each) => [
      choice(
        each.id,
        each.label,
        later(each) ||
          (each.levels.length ? 'at the newest long-term level that fits' : 'the version that fits'),
      ),
      ...each.levels.map((one) =>
        choice(`${each.id}@${one.level}`, `${each.label} ${one.level}`, one.longTerm ? 'long-term' : '', 1),
      ),
      ...each.versions.map((one) => choice(`${each.id}@${one}`, `${each.label} ${one}`, '', 1)),
    ])
  const levels = (all: Catalog, word: string) =>
    all.languages.flatMap((each) =>
      each.levels.map((one) =>
        choice(`${one.level}`, `${word} ${one.level}`, one.longTerm ? 'long-term' : ''),
      ),
    )

  if (!catalog) return []
  switch (pointer) {
    case '/build':
      return catalog.builds.flatMap((each) => [
        choice(each.id, each.label, later(each) || each.summary),
        ...each.versions.map((one) => choice(`${each.id}@${one}`, `${each.label} ${one}`, EXACTLY, 2)),
      ])
    case '/language':
      return languages(catalog)
    case '/alongside':
      return [choice('none', 'None', 'nothing beside the language of the project'), ...languages(catalog)]
    case '/jvm':
      return levels(catalog, 'Java')
    case '/jdk':
      return levels(catalog, 'JDK')
    case '/framework':
      return catalog.frameworks.flatMap((each) => [
        choice(each.id, each.label, later(each) || each.summary),
        ...each.lines.flatMap((line) => [
          choice(
            `${each.id}@${line.line}`,
            `${each.label} ${line.line}`,
            `${line.standing}, newest ${line.newest}`,
            1,
          ),
          ...line.versions.map((one) => choice(`${each.id}@${one}`, `${each.label} ${one}`, EXACTLY, 2)),
        ]),
      ])
    case '/packaging':
      return plain(catalog.packagings)
    case '/sample':
      return plain(catalog.samples)
    case '/layout':
      return plain(catalog.layouts)
    case '/settings/format':
    case '/settings/threads':
      return (check?.offers ?? [])
        .filter((each) => each.kind === kind)
        .map((each) => choice(each.id, each.id))
    case '/edition':
      return catalog.editions.map((id) => choice(id, id))
    default:
      return []
  }
}

/** The same without single versions and without what says less than its lines, for a sentence. */
export const inShort = (choices: Choice[]): Choice[] =>
  choices.filter(
    (each) =>
      each.depth === 1 ||
      (each.depth === 0 && !choices.some((other) => other.depth === 1 && other.id.startsWith(each.id + '@'))),
  )
