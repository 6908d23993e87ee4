<script setup lang="ts">
import { t } from '../../messages/say'
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, ref } from 'vue'
import { useBench } from '../../stores/bench'

/** Which fish: found by two letters of any of its names. */
const bench = useBench()
const letters = ref('')

/** By market name, other common names or the Latin one; those that begin so come first. */
const fish = computed(() => {
  const wanted = letters.value.trim().toLowerCase()
  const all = bench.catalogue?.species ?? []
  if (!wanted) return all
  const named = all
    .map((s) => {
      const names = [s.marketName, ...s.alsoCalled.split(', '), s.scientificName].map((n) => n.toLowerCase())
      const begins = names.some((n) => n.startsWith(wanted))
      return {
        s,
        rank: names[0]!.startsWith(wanted) ? 0 : begins ? 1 : names.some((n) => n.includes(wanted)) ? 2 : 3,
      }
    })
    .filter((n) => n.rank < 3)
  return named.sort((a, b) => a.rank - b.rank).map((n) => n.s)
})
</script>

<template>
  <ElSelect
    class="fish"
    :model-value="bench.on.species"
    filterable
    :filter-method="(typed: string) => (letters = typed)"
    :aria-label="t('ui.fish-select.which-fish')"
    :placeholder="t('ui.fish-select.which-fish-2')"
    :no-match-text="t('ui.fish-select.no-fish-by-that-name')"
    @update:model-value="(species: string) => bench.setSpecies(species)"
    @visible-change="letters = ''"
  >
    <ElOption v-for="s in fish" :key="s.key" :value="s.key" :label="s.marketName">
      {{ s.marketName }} <small>{{ s.alsoCalled }}</small>
    </ElOption>
  </ElSelect>
</template>

<style scoped>
.fish :deep(.el-select__wrapper) {
  min-height: 44px;
  padding: 0 8px;
  margin-left: -8px;
  background: transparent;
  box-shadow: none;
}
.fish :deep(.el-select__selected-item),
.fish :deep(.el-select__input) {
  font-size: 23px;
  font-weight: 700;
  line-height: 1.3;
  color: var(--ink);
}
small {
  color: var(--ink-soft);
}
</style>
