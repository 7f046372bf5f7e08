<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useLight } from '@/shared/light/useLight';

const { user, signOut } = useSession();
const { light, turn } = useLight();
const router = useRouter();
const route = useRoute();
/** On a phone the bar is folded into one button. */
const isOpen = ref(false);
watch(
    () => route.fullPath,
    () => (isOpen.value = false),
);

async function leave(): Promise<void> {
    await signOut();
    await router.push({ name: 'sign-in' });
}
</script>

<template>
    <header class="bar">
        <RouterLink class="name" to="/">Pasada</RouterLink>
        <button type="button" class="menu" :aria-expanded="isOpen" aria-controls="main-nav" @click="isOpen = !isOpen">
            Menu
        </button>
        <nav id="main-nav" aria-label="Main" :class="{ open: isOpen }">
            <RouterLink v-if="user?.sees_all_students" to="/">Today</RouterLink>
            <RouterLink v-if="user?.sees_all_students" to="/students">Students</RouterLink>
            <RouterLink v-if="user?.sees_all_students" to="/class">Class</RouterLink>
            <RouterLink v-if="user?.sees_all_students" to="/week">Week</RouterLink>
            <RouterLink v-if="user?.sees_all_students" to="/library">Checklists</RouterLink>
            <RouterLink v-if="user?.may_manage" to="/school">School</RouterLink>
            <RouterLink v-if="user?.may_score" to="/start">New attempt</RouterLink>
            <RouterLink v-if="user?.student_id" :to="{ name: 'student', params: { id: user.student_id } }"
                >Am I ready?</RouterLink
            >
            <RouterLink v-if="user?.student_id" :to="{ name: 'practice', params: { id: user.student_id } }"
                >My practice</RouterLink
            >
            <RouterLink v-if="user?.student_id" :to="{ name: 'guide', params: { id: user.student_id } }"
                >Study guide</RouterLink
            >
            <RouterLink v-if="user" to="/cab">Air cab</RouterLink>
        </nav>
        <div class="who" :class="{ open: isOpen }">
            <RouterLink v-if="user" class="person" to="/account"
                >{{ user.name }}, {{ user.roles.join(' and ') }}</RouterLink
            >
            <RouterLink class="person" to="/help">Help</RouterLink>
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
    gap: var(--space-1) var(--space-8);
    padding: var(--space-2) var(--space-8);
    border-bottom: 2px solid var(--ink);
}
.name {
    font: 800 var(--size-title)/1 var(--display-face);
    font-stretch: 112%;
    color: var(--ink);
    text-decoration: none;
}
nav {
    display: flex;
    gap: var(--space-7);
}
nav a {
    color: var(--quiet);
    text-decoration: none;
    font-weight: 600;
    padding: var(--space-5) 0 var(--space-3);
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
    gap: var(--space-3);
}
.person {
    color: var(--quiet);
    margin-right: var(--space-3);
}
.menu {
    display: none;
}
.menu,
.who button {
    background: none;
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    min-height: 40px;
    padding: 0 var(--space-5);
    cursor: pointer;
}
@media print {
    .bar {
        display: none;
    }
}
@media (max-width: 640px) {
    .bar {
        padding: var(--space-2) var(--space-6);
    }
    .menu {
        display: block;
        margin-left: auto;
        min-height: 48px;
    }
    nav,
    .who {
        display: none;
    }
    nav.open,
    .who.open {
        display: grid;
        gap: 0;
        width: 100%;
        margin: 0;
    }
    .who.open {
        gap: var(--space-3);
        padding-bottom: var(--space-4);
    }
    nav a {
        padding: var(--space-5) 0 var(--space-4);
    }
    .who button {
        min-height: 48px;
    }
}
</style>
