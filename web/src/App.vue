<script setup lang="ts">
import { App as AntApp, ConfigProvider } from 'ant-design-vue'
import { ref } from 'vue'
import { theme } from './theme/antd'

/** Where short messages appear, so that they are heard too. */
const said = ref<HTMLElement | null>(null)
// Words come below the way from station to station and the tools.
const message = { top: '116px', getContainer: () => said.value ?? document.body }
</script>

<template>
  <ConfigProvider :theme="theme" :auto-insert-space-in-button="false">
    <AntApp class="app" :message="message">
      <RouterView />
      <div ref="said" role="status" />
    </AntApp>
  </ConfigProvider>
</template>

<style scoped>
.app {
  height: 100%;
}
</style>
