<script setup lang="ts">
import { t } from '../../messages/say'
import { useTitle, useWakeLock, whenever } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useKeys } from '../../composables/keys'
import { useRunning } from '../../stores/running'
import HouseNotes from '../../components/HouseNotes.vue'
import { keptTo } from '../../stores/notes'
import AfterPanel from './AfterPanel.vue'
import BakeTabs from './BakeTabs.vue'
import EveningNext from './EveningNext.vue'
import NowPanel from './NowPanel.vue'
import OvenDialog from './OvenDialog.vue'
import OvenNotices from './OvenNotices.vue'
import { type Busy, useOvenSide } from './ovenSide'
import ProbeDialog from './ProbeDialog.vue'
import ServingPanel from './ServingPanel.vue'
import TapsPanel from './TapsPanel.vue'

/** The bake as it runs: what to do now, and how long until the next thing. */
const props = defineProps<{ id?: string }>()

const running = useRunning()
const ovenOpen = ref(false)
const probeOpen = ref(false)

const side = useOvenSide(() => props.id)
const busy = computed(() => (side.bake && side.moment ? (side as Busy) : null))

useKeys({ Enter: side.main, z: () => void side.undo(), l: () => (side.looking = !side.looking) })

/** The first is shown where none was asked for; from then on it is this one, whatever else comes and goes. */
const router = useRouter()
watch(
  () => !props.id && side.bake?.id,
  (first) => first && void router.replace(`/oven/${first}`),
  { immediate: true },
)

const title = useTitle()
watch(
  [() => side.big, () => side.moment],
  () => (title.value = busy.value ? `${side.big} ${busy.value.moment.say}` : 'Olla'),
  { immediate: true },
)

const awake = useWakeLock()
whenever(
  () => Boolean(side.bake) && awake.isSupported.value,
  () => void awake.request('screen').catch(() => undefined),
  { immediate: true },
)
onMounted(() => void running.refresh())
onBeforeUnmount(() => {
  title.value = 'Olla'
  void awake.release()
})
</script>

<template>
  <main class="oven-side">
    <OvenNotices />
    <div v-if="running.loaded && !busy && side.all.length" class="idle">
      <h1>{{ t('ui.oven.this-one-is-not-here') }}</h1>
      <p>{{ t('ui.oven.it-was-taken-back-or') }}</p>
      <RouterLink v-for="other in side.all" :key="other.id" class="to-bench" :to="`/oven/${other.id}`">
        {{ other.title }}
      </RouterLink>
    </div>
    <div v-else-if="running.loaded && !busy" class="idle">
      <h1>{{ t('ui.oven.nothing-is-in-the-oven') }}</h1>
      <p>{{ t('ui.oven.set-a-fish-on-the') }}</p>
      <RouterLink class="to-bench" to="/bench">{{ t('ui.oven.to-the-bench') }}</RouterLink>
    </div>

    <template v-if="busy">
      <BakeTabs v-if="busy.all.some((b) => b.id !== busy!.bake.id)" :side="busy" />
      <AfterPanel
        v-if="busy.phase === 'AFTER'"
        :key="busy.bake.id"
        :bake="busy.bake"
        :now="running.now"
        @tap="(kind, words) => running.tap(busy!.bake, kind, words)"
        @undo="running.undo(busy.bake)"
        @reopen="running.reopen(busy.bake)"
      />
      <ServingPanel v-else-if="busy.layout === 'SERVE'" :side="busy" />
      <template v-else>
        <NowPanel :side="busy" @probe="probeOpen = true" />
        <TapsPanel :side="busy" @oven="ovenOpen = true" />
      </template>
      <HouseNotes :kept="keptTo(busy.bake.card.question, busy.bake.ovenId)" />
      <EveningNext />
      <p v-if="running.chimes.silentYet && !running.chimes.muted" class="sound">
        {{ t('ui.oven.tap-anywhere-once-or-the') }}
      </p>
      <OvenDialog
        v-if="ovenOpen"
        v-model="ovenOpen"
        :bake="busy.bake"
        :minute="busy.seconds / 60"
        @tap="(kind, words, detail) => running.tap(busy!.bake, kind, words, detail)"
      />
      <ProbeDialog v-if="probeOpen" v-model="probeOpen" :bake="busy.bake" @changed="running.take" />
    </template>
    <EveningNext v-else />
  </main>
</template>

<style scoped>
.oven-side {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.idle {
  margin: auto;
  padding: 24px;
  text-align: center;
}
.idle h1 {
  margin: 0;
  font-size: 40px;
}
.to-bench {
  display: inline-block;
  margin: 8px 4px 0;
  padding: 14px 28px;
  border-radius: 4px;
  background: var(--clay);
  color: #fff;
  font-weight: 700;
  text-decoration: none;
}
.sound {
  margin: 0;
  padding: 6px 24px;
  background: #efe6d4;
}
</style>
