<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api } from '../../api/client'
import type { Taught } from '../../api/types'
import { latest } from '../../composables/latest'
import { DRESSES } from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'
import { fishName } from './bakeFacts'
import LogBelow from './LogBelow.vue'
import ErrorDots from './ErrorDots.vue'
import HabitTable from './HabitTable.vue'
import HeldTable from './HeldTable.vue'
import OvenLessons from './OvenLessons.vue'
import ReliabilityPlot from './ReliabilityPlot.vue'

/** What the log has taught: how far the tickets hold, for what, who looks when, and what each oven is. In words first. */
const bench = useBench()
const running = useRunning()
const taught = ref<Taught | null>(null)
const trouble = ref<string | null>(null)

const ask = latest(
  async (signal) => {
    taught.value = await api.taught(signal)
    trouble.value = null
  },
  (refusal) => (trouble.value = refusal.message),
)
onMounted(() => void bench.open())
watch(
  () => running.logTurn,
  () => void ask(),
  { immediate: true },
)
const dishes = computed(() =>
  (taught.value?.dresses ?? []).map(({ value, held }) => ({
    name: DRESSES[value as keyof typeof DRESSES] ?? value,
    held,
  })),
)
const fish = computed(() =>
  (taught.value?.fish ?? []).map(({ value, held }) => ({ name: fishName(value, bench.catalogue), held })),
)
</script>

<template>
  <LogBelow :trouble="trouble">
    <h1>{{ t('ui.taught.title') }}</h1>
    <p v-if="taught && !taught.dots.length">{{ t('ui.taught.nothing') }}</p>
    <template v-else-if="taught">
      <section :aria-label="t('ui.taught.tickets')">
        <p class="said">
          <b>{{ taught.all.words }}</b> {{ taught.all.side }}
        </p>
        <div class="drawn">
          <ReliabilityPlot :points="taught.all.points" />
          <div>
            <ErrorDots :dots="taught.dots" />
            <p class="soft">{{ t('ui.taught.over-time') }}</p>
          </div>
        </div>
      </section>
      <section v-if="taught.cooks.length" :aria-label="t('ui.taught.looks')">
        <h2>{{ t('ui.taught.looks') }}</h2>
        <p v-for="cook in taught.cooks" :key="cook.name">
          {{ t('ui.taught.looks-of', { name: cook.name, words: cook.words }) }}
        </p>
      </section>
      <div class="halves">
        <HeldTable :caption="t('ui.taught.by-dish')" :rows="dishes" />
        <HeldTable :caption="t('ui.taught.by-fish')" :rows="fish" />
      </div>
      <HabitTable />
      <h2>{{ t('ui.taught.ovens') }}</h2>
      <div class="halves">
        <OvenLessons v-for="oven in bench.ovens" :key="oven.id" :oven="oven" />
      </div>
    </template>
  </LogBelow>
</template>

<style scoped>
h2 {
  margin: 22px 0 6px;
  font-size: 20px;
}
p {
  margin: 0 0 4px;
}
.said {
  max-width: 76ch;
  font-size: 18px;
}
.soft {
  color: var(--ink-soft);
  font-size: 14px;
}
.drawn {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr);
  gap: 8px 36px;
  margin: 10px 0 18px;
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  align-items: start;
  gap: 18px 40px;
}
@media (max-width: 900px) {
  .drawn {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
