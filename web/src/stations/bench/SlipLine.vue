<script setup lang="ts">
import { t } from '../../messages/say'
import { computed } from 'vue'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** What cannot well be is asked about, beside the field that was likely mistyped. */
const props = defineProps<{ field: 'thicknessMm' | 'massG' }>()

const bench = useBench()
const units = useUnits()
const slip = computed(() => bench.answer?.slips.find((s) => s.field === props.field))
const kind = computed(() => (props.field === 'massG' ? 'mass' : 'length'))
</script>

<template>
  <p v-if="slip && !bench.problem" class="slip-line" role="status">
    {{ slip.question }}
    <button
      v-if="slip.meant !== undefined"
      class="quiet-action"
      @click="bench.measure({ [field]: slip.meant })"
    >
      {{ t('ui.slip-line.yes', { kind: units.amount(kind, slip.meant) }) }}
    </button>
  </p>
</template>

<style scoped>
.slip-line {
  grid-column: 1 / 3;
  margin: 0 0 6px;
  padding-left: 8px;
  border-left: 3px solid var(--ember);
  font-size: 14px;
}
</style>
