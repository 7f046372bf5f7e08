<script setup lang="ts">
import FormEnd from '@/shared/FormEnd.vue';
import TapButton from '@/shared/TapButton.vue';
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import type { Classes } from '@/shared/classes/api';
import { saveClass, type SchoolClass } from './api';

/* A class: when it runs, who teaches it, and on what. */
const props = defineProps<{ of: Classes; one?: SchoolClass }>();
const emit = defineEmits<{ saved: [classes: Classes]; leave: [] }>();
const name = ref(props.one?.name ?? '');
const begins = ref(props.one?.begins_on ?? '');
const ends = ref(props.one?.ends_on ?? '');
const instructors = ref<number[]>([...(props.one?.instructors ?? [])]);
const vehicles = ref<string[]>([...(props.one?.vehicles ?? [])]);
const { busy, why, faults, doing } = useDoing();
const turned = <T,>(list: T[], one: T): T[] =>
    list.includes(one) ? list.filter((other) => other !== one) : [...list, one];

async function save(archived: boolean): Promise<void> {
    await doing(async () => {
        const classes = await saveClass(props.one?.id ?? null, {
            name: name.value,
            begins_on: begins.value || null,
            ends_on: ends.value || null,
            instructors: instructors.value,
            vehicles: vehicles.value,
            archived,
        });
        emit('saved', classes);
    });
}
</script>

<template>
    <form class="stack" data-test="class" @submit.prevent="save(one?.archived ?? false)">
        <TextField v-model="name" label="Name" :fault="faults.name" />
        <div class="days">
            <TextField v-model="begins" label="Begins" type="date" :fault="faults.begins_on" />
            <TextField v-model="ends" label="Ends" type="date" :fault="faults.ends_on" />
        </div>
        <fieldset>
            <legend>Who teaches it</legend>
            <div class="acts">
                <TapButton
                    v-for="{ value, label } in of.instructors"
                    :key="value"
                    :on="instructors.includes(Number(value))"
                    :aria-pressed="instructors.includes(Number(value))"
                    @click="instructors = turned(instructors, Number(value))"
                    >{{ label }}</TapButton
                >
            </div>
        </fieldset>
        <fieldset>
            <legend>On what</legend>
            <div class="acts">
                <TapButton
                    v-for="{ value, label } in of.vehicles"
                    :key="value"
                    :on="vehicles.includes(value)"
                    :aria-pressed="vehicles.includes(value)"
                    @click="vehicles = turned(vehicles, value)"
                    >{{ label }}</TapButton
                >
            </div>
        </fieldset>
        <FormEnd :busy="busy" :why="why" label="Save" @leave="emit('leave')">
            <NButton v-if="one" size="large" :disabled="busy" @click="save(!one.archived)">{{
                one.archived ? 'Bring back' : 'Archive'
            }}</NButton>
        </FormEnd>
    </form>
</template>

<style scoped>
form {
    max-width: 760px;
}
.days {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-5);
}
</style>
