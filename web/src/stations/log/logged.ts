import { useTimeoutFn } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../../api/client'
import type { LoggedBake, LogLine } from '../../api/types'
import { latest } from '../../composables/latest'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'

/** What an oven is believed to be is worked out beside: so often it is asked for, ms. */
export const LEARNED_MS = 3000

/** A bake of the log, whole, asked for again where one of them has changed. @param id which */
export function useLogged(id: () => string) {
  const running = useRunning()
  const bake = ref<LoggedBake | null>(null)
  const trouble = ref<string | null>(null)
  const ask = latest(
    async (signal) => {
      bake.value = await api.loggedBake(id(), signal)
      trouble.value = null
      if (!bake.value.after) later.start()
    },
    (refusal) => (trouble.value = refusal.message),
  )
  const later = useTimeoutFn(() => void ask(), LEARNED_MS, { immediate: false })
  const bench = useBench()
  onMounted(() => void bench.open())
  watch(id, () => (bake.value = null))
  watch([id, () => running.logTurn], () => void ask(), { immediate: true })
  return { bake, trouble }
}

/** What can be done with a bake of the log. */
export function useAgain() {
  const router = useRouter()
  const bench = useBench()
  const running = useRunning()
  /** The same once more, on the Bench, as its oven is believed to be by now. */
  async function again(line: LogLine) {
    bench.lay(line.question, line.ovenId)
    await router.push('/bench')
  }
  /** Nobody knew what became of it; perhaps somebody does now. */
  async function reopen(line: LogLine) {
    await running.reopen(line)
    await router.push(`/oven/${line.id}`)
  }
  return { again, reopen }
}
