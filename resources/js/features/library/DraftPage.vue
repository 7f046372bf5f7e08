<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { schoolDay } from '@/shared/format';
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import { useEventListener } from '@vueuse/core';
import { NButton, NDatePicker, NInput, NSkeleton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { dropDraft, publishDraft, type ChecklistDocument, type VehicleDocument } from './api';
import ChecklistEditor from './checklist/ChecklistEditor.vue';
import EffectPanel from './EffectPanel.vue';
import { useDraft, type OpenDraft } from './useDraft';
import { provideEditorWords } from './useEditorWords';
import VehicleEditor from './vehicle/VehicleEditor.vue';

const props = defineProps<{ id: string }>();
const router = useRouter();
const open = useDraft<ChecklistDocument | VehicleDocument>(props.id);
const { draft, document, words, saving, why, undo, redo } = open;
provideEditorWords(words);

const publishing = ref(false);
const from = ref(schoolDay());
const reason = ref('');
const kept = computed(
    () => ({ saved: 'all kept', saving: 'keeping', kept: 'kept on this device', conflict: 'not kept' })[saving.value],
);

useEventListener('keydown', (event: KeyboardEvent) => {
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || typing) return;
    event.preventDefault();
    void (event.shiftKey ? redo() : undo());
});

async function publish(): Promise<void> {
    await open.save();
    try {
        await publishDraft(props.id, draft.value?.step ?? 0, from.value, reason.value.trim());
        await router.push({ name: 'library' });
    } catch (error) {
        why.value = wordsOf(error);
    }
}

async function drop(): Promise<void> {
    try {
        await dropDraft(props.id);
        localStorage.removeItem(`pasada-draft-${props.id}`);
        await router.push({ name: 'library', query: { discarded: props.id } });
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <main v-if="draft && document && words" class="page">
        <header class="head">
            <div>
                <p>
                    <RouterLink to="/library">Checklists and vehicles</RouterLink>
                    <span class="quiet" role="status" data-test="kept">, {{ kept }}</span>
                </p>
                <h1>{{ document.name }}</h1>
                <p class="quiet">
                    {{
                        draft.base_version === null
                            ? 'A new one, not in force yet.'
                            : `To follow version ${draft.base_version}. Walks keep the version they were scored under.`
                    }}
                </p>
            </div>
            <div class="acts">
                <NButton :disabled="!draft.can_undo" title="Ctrl Z" @click="undo">Undo</NButton>
                <NButton :disabled="!draft.can_redo" title="Ctrl Shift Z" @click="redo">Redo</NButton>
                <NButton type="primary" data-test="publish" @click="publishing = !publishing">Put in force</NButton>
            </div>
        </header>
        <div v-if="why" class="alert acts" role="alert">
            <p>{{ why }}</p>
            <NButton v-if="saving === 'conflict'" @click="open.reload">Load it again</NButton>
            <NButton v-else-if="saving === 'kept'" @click="open.save">Try again</NButton>
        </div>
        <section v-if="publishing" class="publish acts" aria-label="Put in force">
            <template v-if="draft.may_publish">
                <label for="from">In force from</label>
                <NDatePicker
                    v-model:formatted-value="from"
                    value-format="yyyy-MM-dd"
                    type="date"
                    :input-props="{ id: 'from' }"
                    :is-date-disabled="(time: number) => time < new Date().setHours(0, 0, 0, 0)"
                />
                <label for="reason">Why</label>
                <NInput
                    v-model:value="reason"
                    class="reason"
                    placeholder="New state manual, mistake mended, …"
                    :maxlength="500"
                    :input-props="{ id: 'reason' }"
                />
                <NButton
                    type="primary"
                    :disabled="draft.faults.length > 0 || reason.trim() === ''"
                    data-test="publish-now"
                    @click="publish"
                    >Put it in force</NButton
                >
                <p v-if="draft.faults.length > 0">Fix what is listed first.</p>
            </template>
            <p v-else>The manager puts it in force, so that all score by the same. Your draft is kept.</p>
            <NButton quaternary @click="drop">Discard draft</NButton>
        </section>
        <section v-if="draft.leftovers.length > 0" class="alert" aria-label="Left from the copied one">
            <p>
                <strong
                    >Left from the vehicle that was copied. Change or take away what is not true of this one.</strong
                >
            </p>
            <ul>
                <li v-for="one in draft.leftovers" :key="one">{{ one }}</li>
            </ul>
        </section>
        <VehiclePlan v-if="draft.inspection" :inspection="draft.inspection" class="plan" />
        <div class="split">
            <ChecklistEditor
                v-if="draft.kind === 'checklist'"
                :open="open as unknown as OpenDraft<ChecklistDocument>"
            />
            <VehicleEditor v-else :open="open as unknown as OpenDraft<VehicleDocument>" />
            <EffectPanel :draft="draft" :effect="open.effect.value" class="effect" />
        </div>
    </main>
    <main v-else-if="why" class="page">
        <h1>This draft could not be opened</h1>
        <p role="alert">{{ why }}</p>
        <div>
            <NButton type="primary" @click="open.open">Try again</NButton>
        </div>
    </main>
    <main v-else class="page" aria-busy="true"><NSkeleton text :repeat="8" /></main>
</template>

<style scoped>
.page {
    max-width: 1400px;
    gap: var(--space-6);
}
.head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: end;
    gap: var(--space-5) var(--space-8);
}
.publish {
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-radius: var(--round-large);
}
.publish label {
    font-weight: 700;
}
.reason {
    max-width: 340px;
}
.plan {
    background: var(--sunken);
    border-radius: var(--round-large);
    padding: var(--space-4) 0;
}
.split {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(300px, 400px);
    gap: var(--space-9);
    align-items: start;
}
.effect {
    position: sticky;
    top: 12px;
    max-height: calc(100dvh - 24px);
    overflow-y: auto;
}
@media (max-width: 900px) {
    .split {
        grid-template-columns: minmax(0, 1fr);
    }
    .effect {
        position: static;
        max-height: none;
    }
}
</style>
