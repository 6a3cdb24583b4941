import { useSession, useSignOut } from './session';
import { LoadingPage } from './Loading';
import { page } from './whenOpened';
import { Suspense, type ReactNode } from 'react';
import { Link, Navigate, useLocation } from 'react-router';
import type { User } from '../api/types';
import { t } from '../words/words';

const Palette = page(() => import('./Palette'), 'Palette');
const SignInOver = page(() => import('./SignInOver'), 'SignInOver');
const ChoosePassword = page(() => import('../account/ChoosePassword'), 'ChoosePassword');

const HOMES: Record<User['role'], string> = {
    administrator: '/people',
    instructor: '/cases',
    apprentice: '/jobs',
};

/** Lets only these roles through; everybody else goes to where they belong. */
export function SignedIn({ roles, children }: { roles?: User['role'][]; children: ReactNode }) {
    const session = useSession();
    const place = useLocation();
    if (session.isPending) return <LoadingPage what={t('wait.session')} />;
    const user = session.data?.user;
    if (!user) return <Navigate to={`/sign-in?back=${encodeURIComponent(place.pathname)}`} replace />;
    if (user.choosesPassword) return <ChoosePassword />;
    if (roles !== undefined && !roles.includes(user.role)) return <Navigate to="/" replace />;
    return (
        <>
            <Suspense fallback={null}>
                <Palette />
                <SignInOver />
            </Suspense>
            {children}
        </>
    );
}

export function Home() {
    const user = useSession().data?.user;
    return <Navigate to={HOMES[user?.role ?? 'apprentice']} replace />;
}

export function WhoAmI() {
    const user = useSession().data?.user;
    const signOut = useSignOut();
    return (
        <>
            <Link to="/lab" className="text-petrol underline">
                {t('lab.open')}
            </Link>
            <Link to="/handbook" className="text-petrol underline">
                {t('handbook.open')}
            </Link>
            {user?.role !== 'apprentice' && (
                <>
                    <Link to="/marks" className="text-petrol underline">
                        {t('marks.open')}
                    </Link>
                    <Link to="/people" className="text-petrol underline">
                        {t('people.open')}
                    </Link>
                    <Link to="/log" className="text-petrol underline">
                        {t('log.open')}
                    </Link>
                </>
            )}
            <Link to="/account" title={t('account.title')} className="text-petrol underline">
                {user?.name}
            </Link>
            <button type="button" onClick={() => void signOut()} className="text-petrol underline">
                {t('app.sign-out')}
            </button>
        </>
    );
}
