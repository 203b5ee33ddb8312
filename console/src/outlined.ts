import type { OutlineFile } from './api/types'

/**
 * The file in which most picks meet, running text aside: that is where to look first. Null where
 * there is none.
 */
export function whereMostMeet(files: readonly OutlineFile[]): OutlineFile | null {
  const picks = (file: OutlineFile) => new Set(file.traces.flatMap((trace) => trace.picks)).size
  const code = files.filter((each) => !each.path.endsWith('.md'))
  return code.reduce<OutlineFile | null>(
    (best, each) => (best && picks(best) >= picks(each) ? best : each),
    null,
  )
}
