<script setup lang="ts">
import { App as AntApp, ConfigProvider } from 'ant-design-vue'
import { theme } from './theme/antd'
</script>

<template>
  <ConfigProvider :theme="theme" :auto-insert-space-in-button="false">
    <AntApp class="app"><RouterView /></AntApp>
  </ConfigProvider>
</template>

<style scoped>
.app {
  height: 100%;
}
</style>
