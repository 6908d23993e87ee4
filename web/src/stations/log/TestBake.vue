<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../../api/client'
import type { Oven, TestBake, TestReads } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import { latest } from '../../composables/latest'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'

/** What to put into an oven that is not known, to learn most of it: by what there is to read it with. */
const props = defineProps<{ oven: Oven }>()

const bench = useBench()
const router = useRouter()
const reads = ref<TestReads>('LEFT_IN')
const air = ref(props.oven.sensor !== undefined)
const dishes = ref<TestBake[]>([])
const counting = ref(true)
const trouble = ref<string | null>(null)
const READS: { value: TestReads; words: string }[] = [
  { value: 'LEFT_IN', words: t('ui.test-bake.left-in') },
  { value: 'ONCE', words: t('ui.test-bake.once') },
  { value: 'TASTED', words: t('ui.test-bake.tasted') },
]
const ask = latest(
  async (signal) => {
    counting.value = true
    dishes.value = await api.testBakes(props.oven.id, reads.value, air.value, signal)
    counting.value = false
    trouble.value = null
  },
  (refusal) => {
    counting.value = false
    trouble.value = refusal.message
  },
)
watch([() => props.oven.id, reads, air], () => void ask(), { immediate: true })
const best = computed(() => dishes.value[0])

async function lay(dish: TestBake) {
  bench.lay(dish.question, props.oven.id)
  await router.push('/bench')
}
</script>

<template>
  <div class="test" :aria-busy="counting">
    <h4>{{ t('ui.test-bake.title') }}</h4>
    <div class="with">
      <ChoiceField
        :label="t('ui.test-bake.probe')"
        :choices="READS"
        :chosen="reads"
        @choose="reads = $event"
      />
      <label><input v-model="air" type="checkbox" /> {{ t('ui.test-bake.air') }}</label>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-else-if="!best" class="soft" role="status">{{ t('ui.test-bake.counting') }}</p>
    <template v-else>
      <p class="best">
        <b>{{ best.dish }}.</b> {{ best.tells }}
      </p>
      <button class="second-action" @click="lay(best)">{{ t('ui.test-bake.lay') }}</button>
      <p class="soft">{{ t('ui.test-bake.judge') }}</p>
      <details>
        <summary>{{ t('ui.test-bake.others') }}</summary>
        <ol :start="2">
          <li v-for="dish in dishes.slice(1)" :key="dish.dish">
            <button class="quiet-action" @click="lay(dish)">{{ dish.dish }}</button>
            <br />
            {{ dish.tells }}
          </li>
        </ol>
      </details>
    </template>
  </div>
</template>

<style scoped>
.test {
  margin: 8px 0;
  padding: 10px 14px;
  border-left: 3px solid var(--clay);
}
h4 {
  margin: 0 0 6px;
  font-size: 16px;
}
p {
  margin: 0 0 6px;
}
.with {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 20px;
  margin-bottom: 6px;
}
.soft {
  margin-top: 6px;
  color: var(--ink-soft);
}
summary {
  min-height: 32px;
  cursor: pointer;
}
li {
  margin-bottom: 6px;
}
.quiet-action {
  padding: 0;
  text-align: left;
}
.wrong {
  color: var(--danger);
}
</style>
