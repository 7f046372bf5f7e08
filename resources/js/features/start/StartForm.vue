<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { useSession } from '@/shared/session/useSession';
import type { Schemas } from '@/shared/api/client';
import { Device } from '@/shared/outbox/Device';
import { daysFrom } from '@/shared/format';
import PaperLinks from '@/shared/PaperLinks.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { chosenForm, keyOfPrepared, prepareWalk } from '@/shared/attempt/start';
import ChosenSections from './ChosenSections.vue';
import KeepAll from './KeepAll.vue';
import StartPreview from './StartPreview.vue';
import { useStart } from './useStart';

const props = defineProps<{ choices: Schemas['ChoicesResource'] }>();
const route = useRoute();
const router = useRouter();

const asked = Number(route.query['student']);
const student = ref(props.choices.students.find(({ id }) => id === asked)?.id ?? null);
const vehicle = ref(props.choices.vehicles[0]?.id ?? null);
const checklist = ref(props.choices.checklists[0]?.id ?? null);
const prepared = shallowRef<Schemas['PreparedResource']>();
const inspection = computed(() => prepared.value?.inspection);
const { user } = useSession();
const device = new Device(user.value?.id ?? 0);
const mode = ref<'practice' | 'exam'>(user.value?.role === 'examiner' ? 'exam' : 'practice');
const form = ref('draw');
const why = ref('');
const busy = ref(false);
const { begin } = useStart(device);

const students = computed(() =>
    props.choices.students.map((one) => ({
        value: one.id,
        label: one.last_attempt_at === null ? one.name : `${one.name} (last walk ${daysFrom(one.last_attempt_at)})`,
    })),
);
const options = (choices: Schemas['ChoiceResource'][]): { value: number; label: string }[] =>
    choices.map((one) => ({ value: one.id, label: one.name }));
const about = (choices: Schemas['ChoiceResource'][], id: number | null): string =>
    choices.find((one) => one.id === id)?.about ?? '';

const outOfService = computed(() => props.choices.vehicles.find(({ id }) => id === vehicle.value)?.out_of_service);
const forms = computed(() => props.choices.checklists.find(({ id }) => id === checklist.value)?.forms ?? []);
const formOptions = computed(() => [
    { value: 'draw', label: 'Draw one when the walk starts' },
    ...forms.value.map(({ id, name }) => ({ value: id, label: `${name} (set by hand)` })),
    { value: 'all', label: 'Everything, without a form' },
]);
/** What is practiced where not all of it is: sections of the checklist. */
const sections = shallowRef<Schemas['InspectionResource']['sections']>([]);
const chosen = ref<string[]>([]);
const only = computed(() =>
    mode.value === 'exam' || chosen.value.length === 0 ? undefined : chosenForm(chosen.value),
);
watch(checklist, () => {
    form.value = 'draw';
    chosen.value = [];
});

watch(
    [vehicle, checklist, form, () => only.value],
    async ([v, c, f]) => {
        why.value = '';
        if (v === null || c === null) return;
        try {
            const set = only.value ?? (forms.value.some(({ id }) => id === f) ? f : undefined);
            prepared.value = await device.fresh(keyOfPrepared(v, c, set), () => prepareWalk(v, c, set));
            if (only.value === undefined) sections.value = prepared.value.inspection.sections;
        } catch (error) {
            prepared.value = undefined;
            why.value = wordsOf(error);
        }
    },
    { immediate: true },
);

/** What is printed: a form that is set, or everything. */
const blank = computed(() => {
    const set = only.value ?? (forms.value.some(({ id }) => id === form.value) ? form.value : undefined);
    return `paper/checklist?vehicle_id=${vehicle.value}&checklist_id=${checklist.value}${
        set === undefined ? '' : `&form=${encodeURIComponent(set)}`
    }`;
});

async function start(then: 'walk' | 'words'): Promise<void> {
    if (student.value === null || vehicle.value === null || checklist.value === null) {
        why.value = 'Choose who walks first.';
        return;
    }
    busy.value = true;
    try {
        const walk = await begin(
            {
                student_id: student.value,
                vehicle_id: vehicle.value,
                checklist_id: checklist.value,
                form: only.value ?? (forms.value.length === 0 || form.value === 'all' ? null : form.value),
                mode: mode.value,
            },
            prepared.value,
            props.choices,
        );
        await router.push({ name: then, params: { id: walk } });
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <main class="page">
        <h1>New attempt</h1>
        <form class="form" @submit.prevent="start('walk')">
            <div class="field">
                <label for="student">Who walks</label>
                <NamedSelect
                    v-model:value="student"
                    :options="students"
                    filterable
                    size="large"
                    placeholder="Name of the student"
                    :input-props="{ id: 'student' }"
                    data-test="student"
                />
            </div>
            <div class="field">
                <label for="vehicle">Vehicle</label>
                <NamedSelect
                    v-model:value="vehicle"
                    :options="options(choices.vehicles)"
                    size="large"
                    data-test="vehicle"
                    :input-props="{ id: 'vehicle' }"
                />
                <p class="quiet">{{ about(choices.vehicles, vehicle) }}</p>
                <p v-if="outOfService" class="alert" role="status" data-test="out-of-service">
                    Out of service: {{ outOfService }}. Practice standing still only; no brake is released and no test
                    is driven with it.
                </p>
            </div>
            <div class="field">
                <label for="checklist">Checklist</label>
                <NamedSelect
                    v-model:value="checklist"
                    :options="options(choices.checklists)"
                    size="large"
                    data-test="checklist"
                    :input-props="{ id: 'checklist' }"
                />
                <p class="quiet">{{ about(choices.checklists, checklist) }}</p>
            </div>
            <div class="field">
                <label for="mode">How it is run</label>
                <NamedSelect
                    v-model:value="mode"
                    :options="[
                        { value: 'practice', label: 'Practice: hints, and what is left at a place' },
                        { value: 'exam', label: 'Examination: a silent screen' },
                    ]"
                    size="large"
                    data-test="mode"
                    :input-props="{ id: 'mode' }"
                />
            </div>
            <div v-if="forms.length > 0 && only === undefined" class="field">
                <label for="form">Form</label>
                <NamedSelect
                    v-model:value="form"
                    :options="formOptions"
                    size="large"
                    data-test="form"
                    :input-props="{ id: 'form' }"
                />
                <p class="quiet">The draw is recorded with what it was drawn from, so that it can be repeated.</p>
            </div>
        </form>
        <ChosenSections v-if="mode === 'practice' && sections.length > 1" v-model="chosen" :sections="sections" />
        <StartPreview
            v-if="inspection"
            :inspection="inspection"
            :drawn="forms.length > 0 && form === 'draw' && only === undefined"
        />
        <section class="caution">
            <strong>Before the walk</strong>
            <p>
                Chock the wheels before any brake is released, and take the chocks out before the truck moves. Nobody
                under a vehicle that is not chocked with brakes set and the key in your pocket. Hot engine: never open a
                hot coolant cap.
            </p>
        </section>
        <p v-if="inspection" class="paper">
            <PaperLinks :path="blank" what="Unmarked checklist" />
            <RouterLink :to="{ name: 'paper', query: student === null ? {} : { student } }"
                >Enter a paper sheet that was filled</RouterLink
            >
        </p>
        <KeepAll v-if="checklist !== null" :choices="choices" :checklist="checklist" :forms="forms" :device="device" />
        <div class="acts begin">
            <p v-if="why" class="alert" role="alert">{{ why }}</p>
            <NButton type="primary" size="large" :loading="busy" data-test="start" @click="start('walk')"
                >Start the walk</NButton
            >
            <NButton
                v-if="mode === 'practice'"
                size="large"
                :loading="busy"
                data-test="start-words"
                @click="start('words')"
                >From a recording</NButton
            >
        </div>
    </main>
</template>

<style scoped>
.page {
    gap: var(--space-7);
}
.form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
    gap: var(--space-7) var(--space-8);
}
.field {
    display: grid;
    min-width: 0;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-2);
    align-content: start;
}
label {
    font-weight: 700;
}
.field p {
    font-size: var(--size-quiet);
}
/* Whatever is read above it, Start is in reach. */
.begin {
    position: sticky;
    bottom: 0;
    padding: var(--space-4) 0;
    background: var(--paper);
    border-top: 2px solid var(--line);
}
.begin .alert {
    width: 100%;
}
.paper {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-2) var(--space-7);
    align-items: baseline;
}
.paper a {
    scroll-margin-bottom: 120px;
    padding: var(--space-3) 0;
}
.caution {
    border-left: 8px solid var(--part);
    padding: var(--space-1) 0 var(--space-1) var(--space-6);
}
</style>
