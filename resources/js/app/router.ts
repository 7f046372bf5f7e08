import { showAsOf } from '@/shared/asOf';
import { remembersSomebody, useSession } from '@/shared/session/useSession';
import { createRouter, createWebHistory } from 'vue-router';
import { focusHeading } from './focusHeading';
import { routes, signInPage } from './routes';

export const router = createRouter({
    history: createWebHistory('/'),
    routes,
    scrollBehavior: () => ({ top: 0 }),
});

router.afterEach((to, from) => {
    document.title = to.meta.title === undefined ? 'Pasada' : `${to.meta.title} · Pasada`;
    if (from.name !== undefined && from.path !== to.path) focusHeading();
});

router.beforeEach(async (to) => {
    showAsOf(undefined);
    const { user, restore } = useSession();
    // On a slow line every round trip counts: who is not remembered will need this page.
    if (!remembersSomebody()) void signInPage().catch(() => undefined);
    // Asked even before the sign-in page: the answer brings the token that signing in sends back.
    await restore();
    // A link is for whom it was made, whoever is signed in on this device.
    if (to.name === 'welcome' || to.name === 'helper') return true;
    if (to.meta.open === true) return user.value === undefined ? true : { name: 'today' };
    if (user.value === undefined) return { name: 'sign-in', query: { next: to.fullPath } };
    if (user.value.wants_second_factor && to.name !== 'account') return { name: 'account' };
    if (to.meta.managed === true && !user.value.may_manage) return { name: 'today' };
    const forStaff = [
        'classes',
        'roster',
        'today',
        'students',
        'class',
        'week',
        'scorers',
        'start',
        'library',
        'versions',
        'asked',
        'draft',
    ];
    if (!user.value.sees_all_students && forStaff.includes(String(to.name))) {
        return user.value.student_id === null ? true : { name: 'student', params: { id: user.value.student_id } };
    }
    return true;
});
