import { IntlMessageFormat } from 'intl-messageformat'
import { createI18n } from 'vue-i18n'
import en from '../../../messages/en.json'
import { language } from './asked'

/** A sentence with what stands in it put in its place. */
type Filled = (context: { values: Record<string, unknown> }) => string

/** The languages that are shipped besides English, each fetched only where it is spoken. */
const OTHERS = import.meta.glob<Record<string, string>>(
  ['../../../messages/*.json', '!../../../messages/en.json', '../../target/messages/*.json'],
  { import: 'default' },
)

const filled = new Map<string, Filled>()

/** Sentences are ICU's message format, as the server has them; each is read once. */
function compiled(pattern: string, locale: string): Filled {
  const known = filled.get(pattern)
  if (known) return known
  const format = new IntlMessageFormat(pattern, locale)
  const made: Filled = ({ values }) => String(format.format(values as never))
  filled.set(pattern, made)
  return made
}

const i18n = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  messages: { en },
  // A key is one word with dots in it, and no path.
  messageResolver: (sentences, key) => (sentences as Record<string, string>)[key] ?? null,
  messageCompiler: (pattern, { locale }) => compiled(String(pattern), locale) as never,
})

/** Fetches the sentences of the language that is spoken here; what it lacks is said in English. */
export async function speak() {
  const [own] = Object.entries(OTHERS).find(([file]) => file.endsWith(`/${language.value}.json`)) ?? []
  if (!own) return
  i18n.global.setLocaleMessage(language.value, (await OTHERS[own]!()) as never)
  i18n.global.locale.value = language.value as never
  document.documentElement.lang = language.value
}

/* Round what is printed bold, where a sentence has it in <b>: none of them is ever typed. */
const ON = '\u0002'
const OFF = '\u0003'
const bold = { b: (parts: unknown[]) => ON + parts.join('') + OFF }

/** What is said, by its key in the catalogue and with what stands in it; what is bold in it is for {@link emphasised}. */
export const t = (key: string, values: Record<string, unknown> = {}): string =>
  i18n.global.t(key, { ...bold, ...values })

/** A sentence in its parts, every other of them bold, beginning with one that is not. */
export const emphasised = (said: string): string[] => said.split(new RegExp(`[${ON}${OFF}]`))
