<script setup lang="ts">
import FormEnd from '@/shared/FormEnd.vue';
import TapButton from '@/shared/TapButton.vue';
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { ref } from 'vue';
import { addPerson, changePerson, type Link, type Person, type Role } from './api';

/* Somebody new, or somebody who is there. Whoever instructs may examine as well, though never the own students. */
const props = defineProps<{ person?: Person }>();
const emit = defineEmits<{ saved: [link?: Link]; leave: [] }>();
const all: { role: Role; does: string }[] = [
    { role: 'instructor', does: 'teaches, scores, changes checklists' },
    { role: 'examiner', does: 'examines, never their own students' },
    { role: 'manager', does: 'lets people in, puts rules in force' },
];
const name = ref(props.person?.name ?? '');
const email = ref(props.person?.email ?? '');
const roles = ref<Role[]>([...(props.person?.roles ?? ['instructor'])]);
const { busy, why, faults, doing } = useDoing();

function turn(role: Role): void {
    roles.value = roles.value.includes(role) ? roles.value.filter((one) => one !== role) : [...roles.value, role];
}
async function save(): Promise<void> {
    const body = { name: name.value, email: email.value, roles: roles.value };
    let link: Link | undefined;
    const isDone = await doing(async () => {
        if (props.person === undefined) link = await addPerson(body);
        else await changePerson(props.person.id, body);
    });
    if (isDone) emit('saved', link);
}
</script>

<template>
    <form class="stack" data-test="person" @submit.prevent="save">
        <TextField v-model="name" label="Name" :fault="faults.name" />
        <TextField v-model="email" label="Address to sign in with" type="email" :fault="faults.email" />
        <fieldset>
            <legend>What they do here</legend>
            <div class="acts">
                <TapButton
                    v-for="{ role, does } in all"
                    :key="role"
                    :on="roles.includes(role)"
                    :aria-pressed="roles.includes(role)"
                    @click="turn(role)"
                    >{{ roles.includes(role) ? '✓ ' : '' }}{{ role }}: {{ does }}</TapButton
                >
            </div>
            <small v-if="faults.roles" class="alert">{{ faults.roles }}</small>
        </fieldset>
        <FormEnd :busy="busy" :why="why" :label="person ? 'Save' : 'Let in'" @leave="emit('leave')" />
    </form>
</template>

<style scoped>
form {
    max-width: 640px;
}
</style>
