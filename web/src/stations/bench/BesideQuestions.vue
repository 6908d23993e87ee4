<script setup lang="ts">
import { computed } from 'vue'
import type { Vegetable } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useWay } from './way'

/** Quick sides that join the fish for the last minutes. */
const bench = useBench()
const { way } = useWay()
const quick = computed(
  () =>
    bench.catalogue?.vegetables.filter((v) => v.quick).map((v) => ({ value: v.vegetable, words: v.words })) ??
    [],
)
function lay(sides: Vegetable[]) {
  bench.say({ sides: sides.length ? sides : null })
  if (!sides.length) bench.layer = null
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.join-for-the-last-5')"
    :none="t('ui.dress.nothing')"
    :choices="quick"
    :chosen="way.sides ?? []"
    :most="3"
    :refusal="bench.refusal('sides')"
    @choose="lay"
  />
  <button class="quiet-action" @click="lay([])">{{ t('ui.layers.take-off') }}</button>
</template>
