<script setup lang="ts">
import { computed, ref } from 'vue'
import NumberField from '../../components/NumberField.vue'
import { t } from '../../messages/say'
import type { Kind } from '../../messages/units'
import { useBench } from '../../stores/bench'
import type { Way } from '../../stores/layers'
import { useWay } from './way'

/** What a kitchen has of salt and trays, asked where somebody wants to say it. */
const bench = useBench()
const { way, number } = useWay()
const HAVE = [
  { field: 'saltThereG', label: t('ui.dress.salt-there-is'), kind: 'mass' },
  { field: 'bagG', label: t('ui.dress.a-bag-holds'), kind: 'mass' },
  { field: 'trayLengthMm', label: t('ui.dress.tray-long'), kind: 'length' },
  { field: 'trayWidthMm', label: t('ui.dress.and-wide'), kind: 'length' },
] as const satisfies { field: keyof Way; label: string; kind: Kind }[]
const counting = ref(false)
const given = computed(() => HAVE.some((one) => way.value[one.field] !== undefined))
const counted = computed(() => counting.value || given.value)
</script>

<template>
  <button class="quiet-action" :aria-expanded="counted" :disabled="given" @click="counting = !counting">
    {{ t('ui.dress.what-there-is') }}
  </button>
  <template v-if="counted">
    <NumberField
      v-for="one in HAVE"
      :key="one.field"
      :label="one.label"
      :kind="one.kind"
      :usual="one.field === 'bagG' ? bench.catalogue?.usuals.bagG : undefined"
      :model-value="way[one.field] ?? null"
      :refusal="bench.refusal(one.field)"
      @update:model-value="(value) => number(one.field, value)"
    />
  </template>
</template>

<style scoped>
.quiet-action {
  align-self: end;
}
</style>
