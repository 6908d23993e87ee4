<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, personWanted } from '../../api/client'
import type { Person } from '../../api/types'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { useMe } from '../../stores/me'

/** At a screen that several hands use: whose hands these are. A name, then one tap a digit; the last one goes on by itself. */
const DIGITS = 4
const AGAIN_MS = 2000
const PAD = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0']

const open = defineModel<boolean>({ required: true })
const me = useMe()
const people = ref<Person[] | null>(null)
const chosen = ref<Person | null>(null)
const pin = ref('')
const busy = ref(false)
const { problem, tried } = useTried()

const look = () => tried(async () => void (people.value = await api.people()))
/** Names that did not come are asked for again. */
useIntervalFn(() => {
  if (open.value && people.value === null) void look()
}, AGAIN_MS)
watch(
  open,
  async (now) => {
    chosen.value = null
    pin.value = ''
    problem.value = ''
    if (now) await look()
  },
  { immediate: true },
)

async function type(digit: string) {
  if (busy.value || pin.value.length >= DIGITS) return
  pin.value += digit
  if (pin.value.length < DIGITS) return
  busy.value = true
  await tried(async () => {
    await me.signIn(chosen.value!.id, pin.value)
    personWanted.value = false
    open.value = false
  })
  pin.value = ''
  busy.value = false
}

useEventListener(window, 'keydown', (event) => {
  if (!open.value || !chosen.value) return
  if (/^[0-9]$/.test(event.key)) void type(event.key)
  if (event.key === 'Backspace') pin.value = pin.value.slice(0, -1)
})

const typed = computed(() => t('ui.who.typed', { n: pin.value.length }))
</script>

<template>
  <section>
    <ElDialog
      v-model="open"
      :title="chosen ? t('ui.who.pin-of', { name: chosen.name }) : t('ui.who.title')"
      width="min(520px, 96vw)"
      align-center
    >
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <p v-if="people?.length === 0">{{ t('ui.who.nobody') }}</p>
      <div v-if="!chosen" class="names">
        <button v-for="one in people ?? []" :key="one.id" @click="((chosen = one), (problem = ''))">
          {{ one.name }}
        </button>
      </div>
      <template v-else>
        <p class="dots" role="status" :aria-label="typed">
          <i v-for="n in DIGITS" :key="n" :class="{ full: n <= pin.length }" />
        </p>
        <div class="pad">
          <template v-for="digit in PAD" :key="digit">
            <button v-if="digit" :disabled="busy" @click="type(digit)">{{ digit }}</button>
            <button v-else class="soft" @click="chosen = null">{{ t('ui.who.another') }}</button>
          </template>
          <button class="soft" :disabled="!pin" @click="pin = pin.slice(0, -1)">
            {{ t('ui.who.back') }}
          </button>
        </div>
      </template>
    </ElDialog>
  </section>
</template>

<style scoped>
.names,
.pad {
  display: grid;
  gap: 12px;
}
.names {
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
}
.pad {
  grid-template-columns: repeat(3, 1fr);
}
button {
  min-height: 76px;
  border: 1px solid var(--ink-soft);
  border-radius: 6px;
  background: #fff;
  color: var(--ink);
  font: inherit;
  font-size: 22px;
  font-weight: 700;
}
.pad button {
  font-family: var(--figures);
  font-size: 30px;
}
.pad .soft {
  border-color: var(--rule);
  font-family: inherit;
  font-size: 17px;
  font-weight: 400;
}
.dots {
  display: flex;
  justify-content: center;
  gap: 18px;
  margin: 0 0 18px;
}
i {
  width: 20px;
  height: 20px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}
i.full {
  background: var(--ink);
}
.wrong {
  margin: 0 0 12px;
  padding: 8px 12px;
  border-left: 4px solid var(--danger);
}
</style>
