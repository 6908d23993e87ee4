import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import 'element-plus/theme-chalk/base.css'
import './theme/theme.css'

import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { speak } from './messages/say'

/* What is said is read as the modules are: the language is there before them. */
await speak()
const [{ default: App }, { router }] = await Promise.all([import('./App.vue'), import('./router')])
createApp(App).use(createPinia()).use(router).mount('#app')
