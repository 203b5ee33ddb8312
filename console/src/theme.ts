import { ref, watchEffect } from 'vue'

/** Light, dark, or whatever the system says; kept in this browser. */
export const THEMES = ['system', 'light', 'dark'] as const
export type Theme = (typeof THEMES)[number]

const KEPT = 'vivid-trellis-theme'

function kept(): Theme {
  try {
    return THEMES.find((each) => each === localStorage.getItem(KEPT)) ?? 'system'
  } catch {
    return 'system' // a browser that keeps nothing
  }
}

export const theme = ref<Theme>(kept())

watchEffect(() => {
  document.documentElement.dataset.theme = theme.value
  try {
    localStorage.setItem(KEPT, theme.value)
  } catch {
    // Nothing is kept, and the page is none the worse for it.
  }
})
