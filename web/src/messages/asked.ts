import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useUnits } from './units'

/** The language that is spoken here (BCP 47); the browser's own until another is chosen. */
export const language = useLocalStorage('olla.language', navigator.language)

/** What the server is told of the reader: another value means that what was said has to be asked for anew. */
export const reader = computed(
  () => `lang=${encodeURIComponent(language.value)}&units=${useUnits().chosen.value}`,
)

/** An address of the server's, asked in the reader's language and units. */
export const asked = (path: string) => `${path}${path.includes('?') ? '&' : '?'}${reader.value}`
