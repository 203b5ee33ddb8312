/** How a word of the brief is underlined: solid when pinned, dotted when filled in, red at fault. */
export function wordState(isFaulty: boolean, isPinned: boolean): string {
  if (isFaulty) return 'border-fault text-fault border-solid'
  return isPinned ? 'border-lit border-solid' : 'border-soft border-dotted'
}
