import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, Problem } from '../api/client'
import type { OwnFish, OwnVessel } from '../api/types'

/** What this kitchen has for itself: fish that are not in the catalogue, and the vessels it bakes in. */
export const useKitchen = defineStore('kitchen', () => {
  const fish = ref<OwnFish[]>([])
  const vessels = ref<OwnVessel[]>([])

  async function open() {
    try {
      const there = await api.kitchen()
      fish.value = there.fish
      vessels.value = there.vessels
    } catch (failure) {
      // The bench says itself that the kitchen computer is away; without these lists it goes on.
      if (!(failure instanceof Problem)) throw failure
    }
  }

  const byName = <T extends { id: string; name: string }>(all: T[], one: T) =>
    [...all.filter((other) => other.id !== one.id), one].sort((a, b) => a.name.localeCompare(b.name))

  async function noteFish(one: OwnFish) {
    const noted = await api.noteFish(one)
    fish.value = byName(fish.value, noted)
    return noted
  }

  async function strikeFish(id: string) {
    await api.strikeFish(id)
    fish.value = fish.value.filter((one) => one.id !== id)
  }

  async function noteVessel(one: OwnVessel) {
    const noted = await api.noteVessel(one)
    vessels.value = byName(vessels.value, noted)
    return noted
  }

  async function strikeVessel(id: string) {
    await api.strikeVessel(id)
    vessels.value = vessels.value.filter((one) => one.id !== id)
  }

  return { fish, vessels, open, noteFish, strikeFish, noteVessel, strikeVessel }
})
