<script setup lang="ts">
import { ref } from 'vue';
import type { ChecklistDocument } from '../api';
import FiguresEditor from './FiguresEditor.vue';
import ListImport from './ListImport.vue';
import PartsEditor from './PartsEditor.vue';
import RulesEditor from './RulesEditor.vue';
import SectionsEditor from './SectionsEditor.vue';
import TableExchange from './TableExchange.vue';
import type { OpenDraft } from '../useDraft';

defineProps<{ open: OpenDraft<ChecklistDocument> }>();
const leaves = [
    { id: 'rules', label: 'Rules' },
    { id: 'sections', label: 'Sections and forms' },
    { id: 'parts', label: 'Parts and points' },
    { id: 'figures', label: 'Figures' },
    { id: 'list', label: 'From a list' },
    { id: 'table', label: 'As a table' },
] as const;
const shown = ref<(typeof leaves)[number]['id']>('rules');
</script>

<template>
    <div>
        <nav class="leaves" aria-label="What to change">
            <button
                v-for="leaf in leaves"
                :key="leaf.id"
                type="button"
                :aria-current="shown === leaf.id ? 'true' : undefined"
                :data-test="`leaf-${leaf.id}`"
                @click="shown = leaf.id"
            >
                {{ leaf.label }}
            </button>
        </nav>
        <template v-if="open.document.value">
            <RulesEditor
                v-if="shown === 'rules'"
                :document="open.document.value"
                :faults="open.draft.value?.faults ?? []"
                @change="open.change"
            />
            <SectionsEditor v-else-if="shown === 'sections'" :document="open.document.value" @change="open.change" />
            <PartsEditor v-else-if="shown === 'parts'" :document="open.document.value" @change="open.change" />
            <FiguresEditor v-else-if="shown === 'figures'" :document="open.document.value" @change="open.change" />
            <ListImport
                v-else-if="shown === 'list' && open.draft.value"
                :draft="open.draft.value.id"
                @change="open.change"
            />
            <TableExchange v-else :draft="open.draft.value" @imported="open.take" />
        </template>
    </div>
</template>

<style scoped>
.leaves {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-7);
    border-bottom: 2px solid var(--ink);
    margin-bottom: var(--space-6);
}
button {
    background: none;
    border: 0;
    border-bottom: 4px solid transparent;
    min-height: 48px;
    padding: 0;
    font-weight: 600;
    color: var(--quiet);
    cursor: pointer;
}
button[aria-current] {
    color: var(--ink);
    border-color: var(--strong);
}
</style>
