<script setup lang="ts">
import { computed, ref } from 'vue'
import CountRow from '../../components/CountRow.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import KitchenForm from './KitchenForm.vue'
import { oneMore } from './hands'

/** With which ovens an evening is cooked, and with how many hands. */
const evenings = useEvenings()
const bench = useBench()
const evening = computed(() => evenings.view!.evening)
const limits = computed(() => bench.catalogue?.evening)
const more = ref(false)

const ovenName = (id: number) => bench.allOvens.find((o) => o.id === id)?.name ?? ''
const shelves = (ovenId: number, by: -1 | 1) =>
  void evenings.change({
    ovens: evening.value.ovens.map((o) => (o.ovenId === ovenId ? { ...o, shelves: o.shelves + by } : o)),
  })
const hands = (by: -1 | 1) =>
  void evenings.change({
    hands: by > 0 ? oneMore(evening.value.hands) : evening.value.hands.slice(0, -1),
  })
</script>

<template>
  <h2>{{ t('ui.sheet.kitchen') }}</h2>
  <CountRow
    v-for="oven in evening.ovens"
    :key="oven.ovenId"
    :label="t('ui.sheet.shelves', { oven: ovenName(oven.ovenId) })"
    :value="oven.shelves"
    :less="t('ui.sheet.shelf-less', { oven: ovenName(oven.ovenId) })"
    :more="t('ui.sheet.shelf-more', { oven: ovenName(oven.ovenId) })"
    :least="oven.shelves <= 1"
    :most="oven.shelves >= (limits?.mostShelves ?? 1)"
    @step="(by) => shelves(oven.ovenId, by)"
  />
  <CountRow
    :label="t('ui.sheet.hands')"
    :value="evening.hands.length"
    :less="t('ui.sheet.hands-less')"
    :more="t('ui.sheet.hands-more')"
    :least="evening.hands.length <= 1"
    :most="evening.hands.length >= (limits?.mostHands ?? 1)"
    @step="hands"
  />
  <button class="quiet-action" @click="more = true">{{ t('ui.sheet.kitchen-more') }}</button>
  <KitchenForm v-if="more" @close="more = false" />
</template>

<style scoped>
h2 {
  margin: 14px 0 2px;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
</style>
