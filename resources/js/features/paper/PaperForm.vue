<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { answer, api, type Schemas } from '@/shared/api/client';
import { prepareWalk } from '@/shared/attempt/start';
import { useDoing } from '@/shared/useDoing';
import { NButton } from 'naive-ui';
import { computed, nextTick, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PaperHead from './PaperHead.vue';
import PaperLines from './PaperLines.vue';
import { heardOf, sectionsOf, type PaperSection } from './paperLines';
import { newPaper, useKeptPaper, type KeptPaper } from './keptPaper';

/* A filled paper checklist: what stands on its head, and then its lines. */
const props = defineProps<{ choices: Schemas['ChoicesResource'] }>();
const router = useRouter();
const kept = useKeptPaper();
const asked = Number(useRoute().query['student']);
if (kept.value === null || (asked > 0 && kept.value.student !== asked)) {
    kept.value = newPaper(props.choices, asked);
}
const paper = computed({ get: () => kept.value ?? newPaper(props.choices, asked), set: (one) => (kept.value = one) });
const { busy, why, faults, doing } = useDoing();
const sections = shallowRef<PaperSection[]>([]);

function set(change: Partial<KeptPaper>): void {
    paper.value = { ...paper.value, ...change };
}

watch(
    [() => paper.value.vehicle, () => paper.value.checklist, () => paper.value.form],
    ([vehicle, checklist, form]) =>
        void doing(async () => {
            sections.value = [];
            if (vehicle === null || checklist === null) return;
            const { inspection } = await prepareWalk(vehicle, checklist, form === '' ? undefined : form);
            sections.value = sectionsOf(inspection);
        }),
    { immediate: true },
);
const open = computed(
    () => sections.value.flatMap(({ lines }) => lines).filter(({ item }) => !(item.id in paper.value.sheet)).length,
);
async function toEnd(): Promise<void> {
    await nextTick();
    document.querySelector<HTMLElement>('[data-test=keep-paper]')?.focus();
}
const keep = (): Promise<boolean> =>
    doing(async () => {
        const { id, student, vehicle, checklist, form, mode, began, minutes, sheet, note } = paper.value;
        if (student === null || vehicle === null || checklist === null) throw new Error('Choose whose sheet it is.');
        const at = new Date(began);
        if (Number.isNaN(at.getTime())) throw new Error('Say on which day and when the walk began.');
        const card = await answer(
            api.POST('/attempts/paper', {
                body: {
                    id,
                    student_id: student,
                    vehicle_id: vehicle,
                    checklist_id: checklist,
                    form: form === '' ? null : form,
                    mode,
                    started_at: at.toISOString(),
                    minutes: Number(minutes),
                    heard: heardOf(sheet),
                    note,
                },
            }),
        );
        kept.value = null;
        await router.push({ name: 'result', params: { id: card.id } });
    });
</script>

<template>
    <main class="page">
        <header>
            <h1>What stands on the paper sheet?</h1>
            <p>
                A digit marks a point, the space bar the whole, 0 nothing, Enter goes on, Backspace wipes. It is kept on
                this device until it is sent.
            </p>
        </header>
        <PaperHead v-model="paper" :choices="choices" :faults="faults" @keep="keep" />
        <PaperLines
            v-if="sections.length > 0"
            :key="paper.id + paper.vehicle + paper.checklist + paper.form"
            :model-value="paper.sheet"
            :sections="sections"
            @update:model-value="(sheet) => set({ sheet })"
            @end="toEnd"
        />
        <TextField
            label="A note that stands on it"
            :model-value="paper.note"
            :fault="faults['note']"
            @update:model-value="(note) => set({ note })"
        />
        <div class="acts end">
            <p v-if="why" class="alert" role="alert">{{ why }}</p>
            <NButton
                type="primary"
                size="large"
                :loading="busy"
                :disabled="sections.length === 0"
                data-test="keep-paper"
                @click="keep"
                >Take the sheet in</NButton
            >
            <span v-if="open > 0" class="quiet">{{ open }} lines are open; they count as not heard.</span>
        </div>
    </main>
</template>

<style scoped>
.page {
    gap: var(--space-7);
}
.end {
    position: sticky;
    bottom: 0;
    padding: var(--space-4) 0;
    background: var(--paper);
    border-top: 2px solid var(--line);
}
.end .alert {
    width: 100%;
}
</style>
