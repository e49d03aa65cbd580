<script setup lang="ts">
import { App as AntApp, ConfigProvider } from 'ant-design-vue'
import { theme } from './theme/antd'
</script>

<template>
  <ConfigProvider :theme="theme" :auto-insert-space-in-button="false">
    <!-- Words come below the way from station to station and the tools. -->
    <AntApp class="app" :message="{ top: '116px' }"><RouterView /></AntApp>
  </ConfigProvider>
</template>

<style scoped>
.app {
  height: 100%;
}
</style>
