<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, ref } from 'vue'
import type { Oven, Shelf } from '../../api/types'
import ChoiceRow from '../../components/ChoiceRow.vue'
import StepButtons from '../../components/StepButtons.vue'
import { OVEN_KINDS, SHELVES } from '../../messages/labels'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import FireDialog from './FireDialog.vue'
import OvenForm from './OvenForm.vue'

/** Which oven, at what dial, on which shelf, with what fire. */
const bench = useBench()
const units = useUnits()
const oven = ref(false)
const firing = ref(false)
const list = ref<InstanceType<typeof ElSelect>>()

/** The list closes before the leaf for another oven opens. */
function another() {
  list.value?.blur()
  oven.value = true
}

const shelves = Object.entries(SHELVES).map(([value, words]) => ({ value, words }))

/** Whether somebody feeds it. */
const fired = (one: Oven) => one.kind === 'WOOD' || one.kind === 'CLOSED_BARBECUE'
const fireWords = computed(() => {
  const falls = bench.oven?.calibration.fallsCPerHour
  if (falls === undefined) return t('ui.piece.its-fire-as-usual')
  return falls === 0
    ? t('ui.piece.its-fire-is-kept-up')
    : t('ui.piece.its-fire-falls-an-hour', { falls: units.rise(falls) })
})
</script>

<template>
  <div>
    <h2>{{ t('ui.piece.oven') }} <kbd>-</kbd> <kbd>=</kbd></h2>
    <div class="oven">
      <ElSelect
        ref="list"
        :model-value="bench.oven?.id"
        :aria-label="t('ui.piece.which-oven')"
        @update:model-value="(ovenId: number) => bench.change({ ovenId })"
      >
        <ElOption
          v-for="one in bench.ovens"
          :key="one.id"
          :value="one.id"
          :label="`${one.name}, ${OVEN_KINDS[one.kind]}`"
        />
        <template #footer>
          <button class="quiet-action" @click="another">{{ t('ui.piece.another-oven-or-one-away') }}</button>
        </template>
      </ElSelect>
      <StepButtons
        :value="units.dial(bench.on.tempC)"
        :names="{ value: t('ui.piece.dial'), less: t('ui.piece.cooler'), more: t('ui.piece.hotter') }"
        @step="(by) => bench.hotter(by)"
      />
      <div v-if="bench.answer?.dial.shelf" class="shelf">
        <span>{{ t('ui.piece.shelf') }}</span>
        <ChoiceRow
          :name="t('ui.piece.shelf')"
          :choices="shelves"
          :chosen="bench.on.shelf"
          @choose="(shelf) => bench.change({ shelf: shelf as Shelf })"
        />
      </div>
      <button v-if="bench.oven && fired(bench.oven)" class="quiet-action fire" @click="firing = true">
        {{ fireWords }}
      </button>
      <p v-if="bench.oven?.lessons" class="known">{{ bench.oven.words }}</p>
      <p v-if="bench.refusal('tempC')" class="wrong" role="alert">{{ bench.refusal('tempC') }}</p>
    </div>
    <FireDialog v-if="firing" v-model="firing" />
    <OvenForm v-if="oven" v-model="oven" />
  </div>
</template>

<style scoped>
.known {
  margin: 2px 0 0;
  color: var(--ink-soft);
  font-size: 14px;
}
.oven :deep(.el-select__wrapper) {
  min-height: 44px;
}
.shelf {
  display: grid;
  grid-template-columns: max-content 1fr;
  align-items: center;
  gap: 10px;
  color: var(--ink-soft);
  font-size: 14px;
}
.oven {
  display: grid;
  gap: 6px;
}
</style>
