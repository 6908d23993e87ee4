<script setup lang="ts">
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { computed, ref } from 'vue'
import { newId } from '../../api/id'
import type { Build } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import SideDialog from '../../components/SideDialog.vue'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useKitchen } from '../../stores/kitchen'

/** A fish that is not in the catalogue, by its build, its fat and its closest relation; and those noted before, struck out. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ letters: string }>()

const bench = useBench()
const kitchen = useKitchen()
const id = newId()
const name = ref(props.letters)
const closest = ref(bench.on.species)
const build = ref<Build | null>(null)
const fat = ref<number | null>(null)
const { problem, tried } = useTried()

const species = computed(
  () => bench.catalogue?.species.map((s) => ({ value: s.key, words: s.marketName })) ?? [],
)
const builds = computed(() => bench.catalogue?.builds.map((b) => ({ value: b.build, words: b.words })) ?? [])
const relation = computed(() => bench.catalogue?.species.find((s) => s.key === closest.value))

const note = () =>
  tried(async () => {
    const noted = await kitchen.noteFish({
      id,
      name: name.value,
      closest: closest.value,
      build: build.value ?? (relation.value?.shape as Build),
      fatPercent: fat.value ?? relation.value?.fatPercent ?? 1,
    })
    bench.setSpecies(noted.closest, noted)
    shown.value = false
  })
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.own-fish.title')" :widest="420">
    <form novalidate @submit.prevent="note">
      <label
        >{{ t('ui.own-fish.name') }}
        <ElInput v-model="name" :maxlength="bench.limits?.longest.ovenName" />
      </label>
      <ChoiceField
        :label="t('ui.own-fish.closest')"
        :choices="species"
        :chosen="closest"
        @choose="(key) => (closest = key)"
      />
      <ChoiceField
        :label="t('ui.own-fish.build')"
        :choices="builds"
        :chosen="build ?? (relation?.shape as Build)"
        @choose="(b) => (build = b)"
      />
      <NumberField
        :label="t('ui.own-fish.fat')"
        sign="%"
        :usual="relation?.fatPercent"
        :model-value="fat"
        @update:model-value="(percent) => (fat = percent)"
      />
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <button class="main-action">{{ t('ui.own-fish.note') }}</button>
    </form>
    <ul v-if="kitchen.fish.length" class="there" :aria-label="t('ui.own-fish.noted')">
      <li v-for="one in kitchen.fish" :key="one.id">
        {{ one.name }}
        <button
          class="quiet-action"
          :aria-label="t('ui.own-fish.strike-out', { name: one.name })"
          @click="tried(() => kitchen.strikeFish(one.id))"
        >
          {{ t('ui.own-fish.strike') }}
        </button>
      </li>
    </ul>
  </SideDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
}
form :deep(.el-input__wrapper) {
  min-height: 44px;
}
.there {
  margin: 14px 0 0;
  padding: 0;
  list-style: none;
}
.there li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--rule);
}
.there button {
  min-height: 44px;
}
.wrong {
  margin: 0;
  padding-left: 8px;
  border-left: 4px solid var(--danger);
}
</style>
