import { shallowRef } from 'vue'

/** A piece of a line in one colour; no colour for plain text. */
export interface Piece {
  text: string
  colour: string
}

type Colour = (path: string, content: string) => Piece[][] | null

/** Gives the lines of a file in colours; null until the highlighter is there, which is fetched when first asked for. */
export const colours = shallowRef<Colour | null>(null)

let asked = false

export function fetchColours() {
  if (asked) return
  asked = true
  import('./highlighter')
    .then((module) => (colours.value = module.colour))
    // Without colours everything can be read all the same; the next file asks again.
    .catch(() => (asked = false))
}
