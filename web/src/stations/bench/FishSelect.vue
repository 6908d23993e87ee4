<script setup lang="ts">
import { t } from '../../messages/say'
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, onMounted, ref } from 'vue'
import { useBench } from '../../stores/bench'
import { useKitchen } from '../../stores/kitchen'
import OwnFishDialog from './OwnFishDialog.vue'

/** Which fish: found by two letters of any of its names; the kitchen's own stand first. */
const bench = useBench()
const kitchen = useKitchen()
const letters = ref('')
const noting = ref(false)
/** What stands in the list for a fish of the kitchen's own, and for noting another. */
const OWN = 'own:'
const ANOTHER = 'another'
onMounted(kitchen.open)

const own = computed(() =>
  kitchen.fish.filter((f) => f.name.toLowerCase().includes(letters.value.trim().toLowerCase())),
)
const chosen = computed(() => {
  const there = kitchen.fish.find((f) => f.name === bench.on.own?.name)
  return there ? OWN + there.id : bench.on.species
})
/** By which of its other names somebody looked for it. */
function calledAs(key: string): string | null {
  const wanted = letters.value.trim().toLowerCase()
  const found = bench.catalogue?.species.find((s) => s.key === key)
  if (!found || !wanted || found.marketName.toLowerCase().startsWith(wanted)) return null
  return found.alsoCalled.split(', ').find((name) => name.toLowerCase().startsWith(wanted)) ?? null
}
function choose(value: string) {
  if (value === ANOTHER) return (noting.value = true)
  const mine = kitchen.fish.find((f) => OWN + f.id === value)
  if (mine) bench.setSpecies(mine.closest, mine)
  else bench.setSpecies(value, null, calledAs(value))
}

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
    :model-value="chosen"
    filterable
    :filter-method="(typed: string) => (letters = typed)"
    :aria-label="t('ui.fish-select.which-fish')"
    :placeholder="t('ui.fish-select.which-fish-2')"
    :no-match-text="t('ui.fish-select.no-fish-by-that-name')"
    @update:model-value="choose"
    @visible-change="(open: boolean) => open && (letters = '')"
  >
    <ElOption v-for="f in own" :key="f.id" :value="OWN + f.id" :label="f.name" />
    <ElOption v-for="s in fish" :key="s.key" :value="s.key" :label="s.marketName">
      {{ s.marketName }} <small>{{ s.alsoCalled }}</small>
    </ElOption>
    <ElOption :value="ANOTHER" :label="t('ui.own-fish.another')" />
  </ElSelect>
  <OwnFishDialog v-if="noting" v-model="noting" :letters="letters" />
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
