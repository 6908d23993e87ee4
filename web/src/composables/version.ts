import { useIntervalFn } from '@vueuse/core'
import { useRegisterSW } from 'virtual:pwa-register/vue'

/** How often it is asked whether there is a newer version, ms. */
const LOOK_MS = 30 * 60_000

/**
 * The app as it is kept on this device, so that it opens off the network. A newer version waits until somebody takes it over: never in
 * the middle of a bake, and what was tapped and not sent yet lies in the browser's store and outlives it. Where a browser keeps no app,
 * as behind a certificate it does not trust, the pages come from the kitchen computer as ever.
 */
export function useVersion() {
  const { needRefresh, updateServiceWorker } = useRegisterSW({
    immediate: true,
    onRegisteredSW(_, worker) {
      if (!worker) return
      const look = () => void worker.update().catch(() => undefined)
      // Asked for at once too: a browser may take its time.
      look()
      useIntervalFn(look, LOOK_MS)
    },
    onRegisterError: () => undefined,
  })
  return { newer: needRefresh, takeOver: () => updateServiceWorker(true) }
}
