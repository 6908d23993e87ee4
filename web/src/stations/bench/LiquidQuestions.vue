<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useLayerLines } from './layerLines'
import { useWay } from './way'

/** What is poured round the fish, how much of it, and whether it is hot. */
const bench = useBench()
const { way } = useWay()
const { liquid } = useLayerLines()
const parcel = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')
const liquids = computed(
  () => bench.catalogue?.liquids.map((l) => ({ value: l.liquid, words: l.words })) ?? [],
)
const HOT = [
  { value: 'no', words: t('ui.dress.cold') },
  { value: 'yes', words: t('ui.dress.hot') },
]
function takeAway() {
  bench.say({ liquid: null, liquidMl: null, liquidHot: null, underlay: null })
  bench.layer = null
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.lies-in')"
    :choices="liquids"
    :chosen="liquid ?? 'WINE_BUTTER'"
    @choose="(of) => bench.say({ liquid: of, underlay: null })"
  />
  <NumberField
    :label="parcel ? t('ui.dress.how-much-each') : t('ui.dress.how-much')"
    kind="volume"
    :model-value="way.liquidMl ?? null"
    :refusal="bench.refusal('liquidMl')"
    @update:model-value="(liquidMl) => bench.say({ liquidMl, liquid: liquid ?? null, underlay: null })"
  />
  <ChoiceField
    :label="t('ui.dress.poured-in')"
    :choices="HOT"
    :chosen="way.liquidHot ? 'yes' : 'no'"
    @choose="(v) => bench.say({ liquidHot: v === 'yes' || null })"
  />
  <button class="quiet-action" @click="takeAway">{{ t('ui.layers.take-off') }}</button>
</template>
