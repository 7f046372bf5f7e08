<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import PaperLinks from '@/shared/PaperLinks.vue';
import { dayOfYear } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { listClasses, type Classes } from '@/shared/classes/api';
import type { SchoolClass } from './api';
import ClassForm from './ClassForm.vue';
import ClassPapers from './ClassPapers.vue';

/* Which classes run, who teaches them, and on what? */
const { loaded, again } = useLoad(listClasses);
const open = ref<SchoolClass | 'new'>();

function saved(classes: Classes): void {
    loaded.value = { state: 'ready', data: classes };
    open.value = undefined;
}
const names = (of: { value: string; label: string }[], chosen: (string | number)[]): string =>
    of
        .filter(({ value }) => chosen.map(String).includes(value))
        .map(({ label }) => label)
        .join(', ');
const days = ({ begins_on: begins, ends_on: ends }: SchoolClass): string =>
    [begins && `from ${dayOfYear(begins)}`, ends && `to ${dayOfYear(ends)}`].filter(Boolean).join(' ') || 'no days set';
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header class="acts">
                    <h1>Which classes run? {{ data.classes.filter(({ archived }) => !archived).length }}</h1>
                    <NButton type="primary" size="large" data-test="add-class" @click="open = 'new'">New class</NButton>
                </header>
                <p v-if="data.classes.length === 0">
                    There is none yet. A class has days, instructors and vehicles; students are put into it one by one
                    or with a list.
                </p>
                <ClassForm
                    v-if="open !== undefined"
                    :key="open === 'new' ? 0 : open.id"
                    :of="data"
                    v-bind="open === 'new' ? {} : { one: open }"
                    @saved="saved"
                    @leave="open = undefined"
                />
                <ul class="figure-list" data-test="classes">
                    <li v-for="one in data.classes" :key="one.id" :class="{ quiet: one.archived }">
                        <span>
                            <strong>{{ one.name }}</strong>{{ one.archived ? ', archived' : '' }}, {{ days(one) }}
                            <PaperLinks :path="`classes/${one.id}/paper`" what="Register" />
                            <small
                                >{{ names(data.instructors, one.instructors) || 'no instructor' }};
                                {{ names(data.vehicles, one.vehicles) || 'any vehicle' }}</small
                            >
                            <ClassPapers v-if="one.students > 0" :school-class="one.id" />
                        </span>
                        <span class="acts">
                            <span class="numeral">{{ one.students }} students</span>
                            <NButton @click="open = one">Change</NButton>
                        </span>
                    </li>
                </ul>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
small {
    display: block;
    color: var(--quiet);
}
</style>
