<script setup lang="ts">
import { onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { useKeys } from '../../composables/keys'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useCounter } from '../../stores/counter'
import HouseNotes from '../../components/HouseNotes.vue'
import { keptTo } from '../../stores/notes'
import FoundSide from './FoundSide.vue'
import FreshnessPanel from './FreshnessPanel.vue'
import PrepPanel from './PrepPanel.vue'
import SizePanel from './SizePanel.vue'

/** What came home: is it good, how big is it, how many does it feed, what must be done to it. */
const bench = useBench()
const counter = useCounter()
const router = useRouter()

useKeys({ Enter: () => (counter.grade === 'REFUSED' ? undefined : router.push('/bench')), z: bench.undo })
onMounted(bench.open)
</script>

<template>
  <main class="counter">
    <FoundSide />
    <section class="middle" :aria-label="t('ui.counter.is-it-good-how-big')">
      <FreshnessPanel />
      <SizePanel v-if="counter.answer" />
    </section>
    <aside class="right" :aria-label="t('ui.counter.what-to-do-with-it')">
      <p v-if="counter.problem" class="wrong" role="alert">{{ counter.problem.message }}</p>
      <HouseNotes v-if="bench.question" :kept="keptTo(bench.question, 0).slice(0, 1)" />
      <PrepPanel v-if="counter.answer" />
    </aside>
  </main>
</template>

<style scoped>
.counter {
  flex: 1;
  display: grid;
  grid-template-columns: 280px 1fr 336px;
}
.middle {
  min-width: 0;
  padding: 12px 20px;
}
.right {
  padding: 8px 20px 16px;
  background: #fff;
}
@media (max-width: 1100px) {
  .counter {
    grid-template-columns: 280px 1fr;
  }
  .right {
    grid-column: 1 / 3;
  }
}
@media (max-width: 760px) {
  .counter {
    display: flex;
    flex-direction: column;
  }
  .middle,
  .right {
    padding: 10px 14px;
  }
}
</style>
