<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import ExportLinks from '@/shared/ExportLinks.vue';
import LoadState from '@/shared/LoadState.vue';
import TapButton from '@/shared/TapButton.vue';
import TextField from '@/shared/TextField.vue';
import { answer, api, type Schemas } from '@/shared/api/client';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';

/* What is still to be done before the first walk? And what the school is. */
type School = Schemas['SchoolResource'];
const { loaded, again } = useLoad(() => answer(api.GET('/school')));
const { busy, why, faults, doing } = useDoing();
const chosen = ref<Record<'checklist' | 'vehicle', string | null>>({ checklist: null, vehicle: null });
const days = ref({ from: '', to: '' });
const roles = ['instructor', 'examiner', 'manager', 'student'] as const;

const steps: Record<School['steps'][number]['step'], { said: string; to?: string }> = {
    checklist: { said: 'A checklist is in force', to: '/library' },
    vehicle: { said: 'A vehicle stands in the yard', to: '/library' },
    scorer: { said: 'An instructor or examiner signs in', to: '/people' },
    class: { said: 'A class runs', to: '/classes' },
    student: { said: 'Students are in it', to: '/students' },
    walk: { said: 'The first walk is scored' },
};
const left = (school: School): number => school.steps.filter(({ done }) => !done).length;
const stepsLeft = (steps: number): string =>
    steps === 1 ? 'One step to the first walk' : `${steps} steps to the first walk`;
const kept = computed(() => (loaded.value.state === 'ready' ? loaded.value.data : undefined));

const adopt = (kind: 'checklist' | 'vehicle'): Promise<boolean> =>
    doing(async () => {
        const data = await answer(api.POST('/school/shipped', { body: { kind, id: chosen.value[kind] ?? '' } }));
        chosen.value[kind] = null;
        loaded.value = { state: 'ready', data };
    });
const save = (change: Partial<School>): Promise<boolean> =>
    doing(async () => {
        if (kept.value === undefined) return;
        const { name, state, time_zone, two_factor_roles, keeps_sound, start_is_done } = { ...kept.value, ...change };
        const data = await answer(
            api.PUT('/school', { body: { name, state, time_zone, two_factor_roles, keeps_sound, start_is_done } }),
        );
        loaded.value = { state: 'ready', data };
    });
const turned = (school: School, role: (typeof roles)[number]): School['two_factor_roles'] =>
    school.two_factor_roles.includes(role)
        ? school.two_factor_roles.filter((one) => one !== role)
        : [...school.two_factor_roles, role];
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <section v-if="!data.start_is_done" data-test="steps">
                    <h1>{{ left(data) === 0 ? 'All is set up' : stepsLeft(left(data)) }}</h1>
                    <p class="quiet">In any order; leave at any step and come back.</p>
                    <ol>
                        <li v-for="{ step, done } in data.steps" :key="step" :class="{ done }">
                            <strong>{{ done ? '✓' : '○' }}</strong>
                            <RouterLink v-if="steps[step].to" :to="steps[step].to">{{ steps[step].said }}</RouterLink>
                            <span v-else>{{ steps[step].said }}</span>
                        </li>
                    </ol>
                    <NButton :disabled="busy" @click="save({ start_is_done: true })">Put this list away</NButton>
                </section>
                <h1 v-else>{{ data.name }}</h1>
                <div class="side-by-side">
                    <section
                        v-for="[kind, title, shipped, count] in [
                            ['checklist', 'Which checklist is scored by?', data.shipped_checklists, data.checklists],
                            ['vehicle', 'What stands in the yard?', data.shipped_vehicles, data.vehicles],
                        ] as const"
                        :key="kind"
                    >
                        <h2>{{ title }} {{ count === 0 ? 'None yet' : `${count} in force` }}</h2>
                        <p class="quiet">
                            Take one that comes with Pasada and change it afterwards: pass marks, parts and figures are
                            your state's, and its manual comes first.
                        </p>
                        <div class="take">
                            <NamedSelect
                                :value="chosen[kind]"
                                size="large"
                                :options="shipped"
                                :placeholder="shipped.length === 0 ? 'all are taken' : 'Choose'"
                                :data-test="`shipped-${kind}`"
                                :input-props="{ 'aria-label': title }"
                                @update:value="(value: string) => (chosen[kind] = value)"
                            />
                            <NButton
                                size="large"
                                :data-test="`take-${kind}`"
                                :disabled="busy || chosen[kind] === null"
                                @click="adopt(kind)"
                                >Take it</NButton
                            >
                        </div>
                        <RouterLink to="/library">Checklists and vehicles</RouterLink>
                    </section>
                </div>
                <section>
                    <h2>What is the school?</h2>
                    <form class="form" @submit.prevent="save({})">
                        <TextField v-model="data.name" label="Name" :fault="faults.name" />
                        <TextField v-model="data.state" label="State" :fault="faults.state" />
                        <TextField v-model="data.time_zone" label="Time zone" :fault="faults.time_zone" />
                        <NButton size="large" attr-type="submit" :loading="busy">Save</NButton>
                    </form>
                </section>
                <section>
                    <h2>Of whom is a code asked at the sign-in, beside the password?</h2>
                    <div class="acts">
                        <TapButton
                            v-for="role in roles"
                            :key="role"
                            :on="data.two_factor_roles.includes(role)"
                            :aria-pressed="data.two_factor_roles.includes(role)"
                            :disabled="busy"
                            @click="save({ two_factor_roles: turned(data, role) })"
                            >{{ data.two_factor_roles.includes(role) ? '✓ ' : '' }}{{ role }}s</TapButton
                        >
                    </div>
                    <p class="quiet">Set up your own under your account first.</p>
                </section>
                <section>
                    <h2>May walks be recorded?</h2>
                    <TapButton
                        :on="data.keeps_sound"
                        :aria-pressed="data.keeps_sound"
                        :disabled="busy"
                        data-test="keeps-sound"
                        @click="save({ keeps_sound: !data.keeps_sound })"
                        >{{ data.keeps_sound ? '✓ Yes, of students who agree' : 'No' }}</TapButton
                    >
                    <p class="quiet">
                        The sound stays on this server, encrypted, and is deleted when its days are over. Ask each
                        student; the answer is kept on the student’s page.
                    </p>
                </section>
                <section>
                    <h2>Take all records out</h2>
                    <div class="take">
                        <TextField v-model="days.from" label="From" type="date" />
                        <TextField v-model="days.to" label="To" type="date" />
                    </div>
                    <ExportLinks :of="days" />
                    <RouterLink to="/records">Take records in from elsewhere</RouterLink>
                </section>
                <p v-if="why" class="alert" role="alert">{{ why }}</p>
                <p class="acts">
                    <RouterLink to="/people">Who works here</RouterLink>
                    <RouterLink to="/classes">Classes</RouterLink>
                    <RouterLink to="/trail">Who did what</RouterLink>
                    <RouterLink to="/retention">How long records are kept</RouterLink>
                    <RouterLink v-if="data.start_is_done" to="/school" @click="save({ start_is_done: false })"
                        >Show the first steps</RouterLink
                    >
                </p>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
    align-content: start;
    justify-items: start;
}
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: flex;
    gap: var(--space-4);
    align-items: center;
    min-height: 44px;
    font-size: var(--size-strong);
}
.done {
    color: var(--quiet);
}
.take {
    display: grid;
    grid-template-columns: minmax(160px, 1fr) auto;
    max-width: 560px;
    gap: var(--space-3);
    width: 100%;
}
.form {
    display: grid;
    gap: var(--space-4);
    width: min(100%, 560px);
}
</style>
