<script setup lang="ts">
import { useSession } from '@/features/session/useSession';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useLight } from './useLight';

const { user, signOut } = useSession();
const { light, turn } = useLight();
const router = useRouter();
const seesAll = computed(() => user.value !== undefined && user.value.role !== 'student');
const scores = computed(() => user.value?.role === 'instructor' || user.value?.role === 'examiner');

async function leave(): Promise<void> {
    await signOut();
    await router.push({ name: 'sign-in' });
}
</script>

<template>
    <header class="bar">
        <RouterLink class="name" to="/">Pasada</RouterLink>
        <nav aria-label="Main">
            <RouterLink v-if="seesAll" to="/">Today</RouterLink>
            <RouterLink v-if="seesAll" to="/students">Students</RouterLink>
            <RouterLink v-if="seesAll" to="/library">Checklists</RouterLink>
            <RouterLink v-if="scores" to="/start">New attempt</RouterLink>
            <RouterLink v-if="user" to="/cab">Air cab</RouterLink>
        </nav>
        <div class="who">
            <span v-if="user" class="person">{{ user.name }}, {{ user.role }}</span>
            <button type="button" @click="turn">{{ light === 'day' ? 'Night mode' : 'Day mode' }}</button>
            <button type="button" @click="leave">Sign out</button>
        </div>
    </header>
</template>

<style scoped>
.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 28px;
    padding: 6px 24px;
    border-bottom: 2px solid var(--ink);
}
.name {
    font: 800 1.35rem/1 var(--display-face);
    font-stretch: 112%;
    color: var(--ink);
    text-decoration: none;
}
nav {
    display: flex;
    gap: 20px;
}
nav a {
    color: var(--quiet);
    text-decoration: none;
    font-weight: 600;
    padding: 12px 0 8px;
    border-bottom: 4px solid transparent;
}
nav a.router-link-exact-active {
    color: var(--ink);
    border-color: var(--strong);
}
.who {
    margin-left: auto;
    display: flex;
    align-items: center;
    gap: 8px;
}
.person {
    color: var(--quiet);
    margin-right: 8px;
}
.who button {
    background: none;
    border: 2px solid var(--line);
    border-radius: 8px;
    min-height: 40px;
    padding: 0 12px;
    cursor: pointer;
}
@media (max-width: 640px) {
    .bar {
        padding: 6px 16px;
    }
    nav {
        flex-wrap: wrap;
        gap: 0 16px;
    }
    nav a {
        white-space: nowrap;
    }
    .person {
        display: none;
    }
}
</style>
