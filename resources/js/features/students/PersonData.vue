<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { answer, api, type Schemas } from '@/shared/api/client';
import { dayOfYear } from '@/shared/format';
import { useDoing } from '@/shared/useDoing';
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';

/* All that is known of a person: taken out, or erased as far as nothing has to be kept. */
const props = defineProps<{ student: Schemas['StudentCardResource']; mayErase: boolean }>();
const emit = defineEmits<{ changed: [] }>();
const { busy, why, faults, doing } = useDoing();
const told = shallowRef<Schemas['ErasureResource']>();
const name = ref('');
const at = (): { params: { path: { student: number } } } => ({ params: { path: { student: props.student.id } } });

const goes = computed(() => {
    const parts = [
        told.value?.walks ? `${told.value.walks} walks whose years are over` : '',
        told.value?.practices ? `${told.value.practices} practices` : '',
        'exams that are ahead',
        'the account',
        told.value?.kept === 0 ? 'the name' : '',
    ].filter((part) => part !== '');
    return `What goes: ${parts.join(', ')}.`;
});
const look = (): Promise<boolean> =>
    doing(async () => {
        told.value = await answer(api.GET('/students/{student}/erasure', at()));
    });
const erase = (): Promise<boolean> =>
    doing(async () => {
        told.value = await answer(
            api.POST('/students/{student}/erasure', { ...at(), body: { name: name.value.trim() } }),
        );
        name.value = '';
        emit('changed');
    });
</script>

<template>
    <section class="stack">
        <h3>What is known of {{ student.name }}</h3>
        <p class="acts">
            <a :href="`/api/v1/students/${student.id}/archive`" download>All of it as one ZIP</a>
            <NButton v-if="mayErase && !told" :loading="busy" data-test="look-at-erasure" @click="look"
                >Erase what nobody has to keep</NButton
            >
        </p>
        <template v-if="told">
            <p v-if="told.held" class="alert" role="status">Nothing can be erased: {{ told.held }}</p>
            <template v-else>
                <p data-test="erasure">
                    <template v-if="told.kept > 0 && told.kept_until">
                        {{ told.kept === 1 ? 'One walk has' : `${told.kept} walks have` }} to be kept until
                        {{ dayOfYear(told.kept_until) }} (49 CFR 380.725, or longer where the school says so), with the
                        name. </template
                    >{{ goes }}
                </p>
                <form class="field-line" @submit.prevent="erase">
                    <TextField v-model="name" label="Type the name to be sure" :fault="faults['name']" />
                    <NButton type="error" attr-type="submit" :loading="busy" :disabled="name.trim() === ''"
                        >Erase for good</NButton
                    >
                </form>
            </template>
        </template>
        <p v-if="why && !faults['name']" class="alert" role="alert">{{ why }}</p>
    </section>
</template>
