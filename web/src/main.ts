import '@fontsource-variable/atkinson-hyperlegible-mono/index.css'
import '@fontsource-variable/atkinson-hyperlegible-next/index.css'
import 'ant-design-vue/dist/reset.css'
import './theme/tokens.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { watchLeaving } from './api/leaving'
import App from './App.vue'
import { router } from './router'

watchLeaving(window)

createApp(App)
  .use(createPinia())
  .use(router)
  .use(VueQueryPlugin, {
    queryClientConfig: { defaultOptions: { queries: { staleTime: 1000, retry: 1 } } },
  })
  .mount('#app')
