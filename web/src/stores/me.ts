import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { Me } from '../api/types'

/** Who asks: the machine itself, or a screen that was let in as something. */
export const useMe = defineStore('me', () => {
  const who = ref<Me | null>(null)
  /** Whether the kitchen was asked, answered or not; on the machine itself, where it is reached without TLS, nobody need be. */
  const asked = ref(location.protocol === 'http:')

  async function open() {
    try {
      who.value = await api.me()
    } catch (failure) {
      // The stations say themselves that the kitchen computer is away.
      if (!(failure instanceof Problem)) throw failure
    }
    asked.value = true
  }

  /** Out on the network and not let in, or no longer. */
  const outside = computed(() => who.value !== null && who.value.role === undefined)
  const watches = computed(() => who.value?.role === 'WATCHER')
  const owns = computed(() => who.value?.role === 'OWNER')
  /** Whether another may have shown it out meanwhile. */
  const guest = computed(() => who.value?.screen !== undefined)

  /** At a screen that several hands use. */
  const shared = computed(() => who.value?.shared === true)
  const person = computed(() => who.value?.person ?? null)

  async function signIn(id: string, pin: string) {
    who.value = await api.signIn(id, pin)
  }

  async function signOut() {
    who.value = await api.signOut()
  }

  return { who, asked, open, outside, watches, owns, guest, shared, person, signIn, signOut }
})
