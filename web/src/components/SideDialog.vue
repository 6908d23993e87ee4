<script setup lang="ts">
import { ElDialog } from 'element-plus'
import 'element-plus/es/components/dialog/style/css'

/** A leaf laid over the bench. It hangs inside the page's main part, where a screen reader looks for it. */
const shown = defineModel<boolean>({ required: true })
defineProps<{ title: string; widest: number; top?: string }>()
</script>

<template>
  <ElDialog
    v-model="shown"
    append-to="main"
    :title="title"
    :width="`min(${widest}px, 95vw)`"
    :top="top ?? '12vh'"
  >
    <slot />
  </ElDialog>
</template>
