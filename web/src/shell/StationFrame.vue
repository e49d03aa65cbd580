<script setup lang="ts">
/** A station: its work area, an optional strip under it, and the ticket column. */
</script>

<template>
  <div class="frame">
    <main class="left">
      <div class="work"><slot /></div>
      <slot name="film" />
    </main>
    <aside class="ticket" aria-label="Ticket">
      <slot name="ticket" />
      <div class="acts"><slot name="acts" /></div>
    </aside>
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  min-height: 0;
}

.left {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-width: 0;
  min-height: 0;
}

.work {
  min-height: 0;
  min-width: 0;
  overflow: auto;
}

.ticket {
  width: 304px;
  background: var(--panel);
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 16px;
}

.acts {
  position: sticky;
  bottom: -14px;
  margin: auto -16px -14px;
  padding: 10px 16px 14px;
  background: var(--panel);
  border-top: 1px solid var(--line-soft);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

.acts:empty {
  display: none;
}

.acts :deep(.ant-btn) {
  justify-content: space-between;
}

@media (max-width: 1180px) {
  .ticket {
    width: 256px;
  }

  .acts :deep(.ant-btn) {
    min-width: 0;
    padding-inline: 9px;
    font-size: 13px;
  }

  .acts :deep(kbd) {
    padding-inline: 3px;
    font-size: 11px;
  }
}
</style>
