<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { api } from '../../api/client'
import type { Plates } from '../../api/types'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'

/** When plates go out, for whoever carries them: as large as it is looked at from the door. */
const AGAIN_MS = 5000

const evenings = ref<Plates[] | null>(null)
const { problem: wrong, tried } = useTried()

const look = () => tried(async () => void (evenings.value = await api.plates()))
onMounted(look)
useIntervalFn(look, AGAIN_MS)
const at = (moment: string) => clock(new Date(moment))
</script>

<template>
  <main>
    <h1>{{ t('ui.plates.title') }}</h1>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-if="evenings?.length === 0">{{ t('ui.plates.none') }}</p>
    <section v-for="one in evenings ?? []" :key="one.evening + one.wanted">
      <h2>{{ one.evening }}</h2>
      <ol v-if="one.courses.length">
        <li v-for="(course, i) in one.courses" :key="i">
          <span v-if="one.courses.length > 1">{{ t('ui.plates.course', { n: i + 1 }) }}</span>
          <b>{{ at(course) }}</b>
        </li>
      </ol>
      <p v-else>{{ t('ui.plates.no-sheet', { time: at(one.wanted) }) }}</p>
    </section>
  </main>
</template>

<style scoped>
main {
  width: min(700px, 100% - 32px);
  margin: 24px auto;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 22px;
}
b {
  font-family: var(--figures);
  font-size: 64px;
}
.wrong {
  padding: 8px 12px;
  border-left: 4px solid var(--danger);
}
</style>
