<script setup lang="ts">
import { computed } from 'vue';
import type { Entry, Kind } from './api';
import ShelfEntry from './ShelfEntry.vue';

/* One kind of document: what is used, and behind it what is archived. */
const props = defineProps<{ kind: Kind; title: string; entries: readonly Entry[]; mayEdit: boolean }>();
const emit = defineEmits<{ change: [id: number]; copy: [id: number]; changed: [] }>();
const isArchived = (entry: Entry): boolean => entry.versions.every(({ state }) => state === 'withdrawn');
const used = computed(() => props.entries.filter((entry) => !isArchived(entry)));
const archived = computed(() => props.entries.filter(isArchived));
const heard = {
    change: (id: number) => emit('change', id),
    copy: (id: number) => emit('copy', id),
    changed: () => emit('changed'),
};
</script>

<template>
    <section class="shelf">
        <header>
            <h2>{{ title }}</h2>
            <slot />
        </header>
        <ShelfEntry
            v-for="entry in used"
            :key="entry.slug"
            :kind="kind"
            :entry="entry"
            :archived="false"
            :may-edit="mayEdit"
            v-on="heard"
        />
        <details v-if="archived.length > 0">
            <summary>Archived ({{ archived.length }})</summary>
            <ShelfEntry
                v-for="entry in archived"
                :key="entry.slug"
                :kind="kind"
                :entry="entry"
                archived
                :may-edit="mayEdit"
                v-on="heard"
            />
        </details>
    </section>
</template>

<style scoped>
header {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3) var(--space-5);
    justify-content: space-between;
    align-items: end;
    min-height: 48px;
    padding-bottom: var(--space-2);
    border-bottom: 2px solid var(--ink);
}
summary {
    min-height: 48px;
    display: grid;
    align-content: center;
    cursor: pointer;
}
</style>
