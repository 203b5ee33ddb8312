/** Something that a word of the sentence can be changed to. */
export interface Choice {
  id: string
  label: string
  hint: string
  /** How far it goes into detail: a framework, one of its lines, one version. */
  depth: 0 | 1 | 2
  possible: boolean
  because: string | null
}

/** The choice that a pick stands for: "frame@4.1.2" is a version of the choice "frame@4.1". */
export function chosen(choices: Choice[], pick: unknown): Choice | undefined {
  const text = String(pick ?? '')
  const nearest = (one: Choice, other: Choice) => other.id.length - one.id.length
  return choices
    .filter((each) => text === each.id || text.startsWith(each.id + '.') || text.startsWith(each.id + '@'))
    .sort(nearest)[0]
}
