<script setup lang="ts">
import LinkSlip from '@/shared/LinkSlip.vue';
import LoadState from '@/shared/LoadState.vue';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { closePerson, listPeople, makeLink, type Link, type Person } from './api';
import PersonForm from './PersonForm.vue';

/* Who works here, and who may sign in? */
const { loaded, again } = useLoad(listPeople);
const { busy, why, doing } = useDoing();
/** Somebody who is changed, "new", or nobody. */
const open = ref<Person | 'new'>();
const link = ref<Link>();
const undo = ref<Person>();

async function saved(made?: Link): Promise<void> {
    open.value = undefined;
    link.value = made;
    await again();
}
const invite = (person: Person): Promise<boolean> =>
    doing(async () => {
        link.value = await makeLink(person.id);
    });
const close = (person: Person, closed: boolean): Promise<boolean> =>
    doing(async () => {
        await closePerson(person.id, closed);
        undo.value = closed ? person : undefined;
        await again();
    });
const state = (person: Person): string =>
    person.closed ? 'closed' : !person.has_begun ? 'has set no password yet' : 'signs in';
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header class="head no-print">
                    <h1>Who works here? {{ data.filter(({ closed }) => !closed).length }} people</h1>
                    <p class="quiet">
                        Nobody is ever deleted: records name them. Who leaves is closed, and signs in no more.
                    </p>
                    <div class="acts">
                        <NButton type="primary" size="large" data-test="add-person" @click="open = 'new'"
                            >Let somebody in</NButton
                        >
                        <RouterLink to="/classes">Classes</RouterLink>
                        <RouterLink to="/trail">Who did what</RouterLink>
                    </div>
                </header>
                <LinkSlip v-if="link" :key="link.path" :link="link" />
                <PersonForm
                    v-if="open !== undefined"
                    :key="open === 'new' ? 0 : open.id"
                    v-bind="open === 'new' ? {} : { person: open }"
                    @saved="saved"
                    @leave="open = undefined"
                />
                <p v-if="undo" class="acts" role="status">
                    {{ undo.name }} is closed and signed out everywhere.
                    <NButton @click="close(undo, false)">Undo</NButton>
                </p>
                <p v-if="why" class="alert" role="alert">{{ why }}</p>
                <table class="record-table no-print" data-test="people">
                    <thead>
                        <tr>
                            <th scope="col">Name</th>
                            <th scope="col">Does</th>
                            <th scope="col">Signs in with</th>
                            <th scope="col">State</th>
                            <th scope="col"><span class="visually-hidden">Change</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="person in data" :key="person.id" :class="{ quiet: person.closed }">
                            <th scope="row">{{ person.name }}</th>
                            <td>{{ person.roles.join(', ') }}</td>
                            <td class="email">{{ person.email }}</td>
                            <td>{{ state(person) }}{{ person.has_second_factor ? ', with a code' : '' }}</td>
                            <td>
                                <div class="acts">
                                    <NButton :disabled="busy" @click="open = person">Change</NButton>
                                    <NButton v-if="!person.closed" :disabled="busy" @click="invite(person)"
                                        >Link for a password</NButton
                                    >
                                    <NButton :disabled="busy" @click="close(person, !person.closed)">{{
                                        person.closed ? 'Open again' : 'Close'
                                    }}</NButton>
                                </div>
                            </td>
                        </tr>
                    </tbody>
                </table>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.page {
    gap: var(--space-7);
}
.head {
    display: grid;
    gap: var(--space-4);
}
.email {
    overflow-wrap: anywhere;
}
@media (max-width: 760px) {
    thead {
        display: none;
    }
    tr {
        display: grid;
        padding: var(--space-4) 0;
        border-bottom: 1px solid var(--line);
    }
    th,
    td {
        border: 0;
        padding: var(--space-1) 0;
    }
}
</style>
