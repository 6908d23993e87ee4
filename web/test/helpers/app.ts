import { createPinia, setActivePinia } from 'pinia'
import { createApp } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'

/** An application with stores of its own and addresses that lead nowhere. */
export function emptyApp() {
  const pinia = createPinia()
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:any(.*)*', component: { render: () => null } }],
  })
  setActivePinia(pinia)
  return createApp({ render: () => null })
    .use(pinia)
    .use(router)
}
