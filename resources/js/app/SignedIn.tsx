import { useSession, useSignOut } from './session';
import { Loading } from './Loading';
import type { ReactNode } from 'react';
import { Link, Navigate, useLocation } from 'react-router';
import type { User } from '../api/types';
import { t } from '../words/words';

/** Lets only one role through; everybody else goes to where they belong. */
export function SignedIn({ role, children }: { role?: User['role']; children: ReactNode }) {
    const session = useSession();
    const place = useLocation();
    if (session.isPending) return <Loading />;
    const user = session.data?.user;
    if (!user) return <Navigate to={`/sign-in?back=${encodeURIComponent(place.pathname)}`} replace />;
    if (role !== undefined && user.role !== role) return <Navigate to="/" replace />;
    return children;
}

export function Home() {
    const user = useSession().data?.user;
    return <Navigate to={user?.role === 'instructor' ? '/cases' : '/jobs'} replace />;
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
            <span className="text-ink-soft">{user?.name}</span>
            <button type="button" onClick={() => void signOut()} className="text-petrol underline">
                {t('app.sign-out')}
            </button>
        </>
    );
}
