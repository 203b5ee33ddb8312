import { inject, type InjectionKey } from 'vue'
import type { Workbench } from './useWorkbench'

export const workbenchKey: InjectionKey<Workbench> = Symbol('workbench')

/** The workbench that the page provides. */
export function theWorkbench(): Workbench {
  const workbench = inject(workbenchKey)
  if (!workbench) throw new Error('This component stands outside App.vue, which provides the workbench')
  return workbench
}
