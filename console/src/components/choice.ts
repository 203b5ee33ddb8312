/** Something that a word of the sentence can be changed to. */
export interface Choice {
  id: string
  label: string
  hint: string
  possible: boolean
  because: string | null
}
