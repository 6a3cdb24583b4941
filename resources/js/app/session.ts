import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { User } from '../api/types';
import { writeDecimalsWith } from '../words/reader';
import { lightAs } from './theme';

const KEY = ['session'];

export function useSession() {
    return useQuery({
        queryKey: KEY,
        queryFn: async () => {
            const session = await taken(api.GET('/api/session'));
            readAs(session.user);
            return session;
        },
        staleTime: Infinity,
    });
}

/** Numbers, letters and light as this person wants them. */
function readAs(user: User | null): void {
    writeDecimalsWith(user?.decimalSign ?? '');
    lightAs(user?.theme ?? '');
    document.documentElement.classList.toggle('larger-type', user?.largerType === true);
}

/** Notes what has changed of whoever is signed in. */
export function useChanged() {
    const queries = useQueryClient();
    return (user: User) => {
        readAs(user);
        queries.setQueryData<ReturnType<typeof useSession>['data']>(KEY, (before) => ({
            demo: false,
            address: '',
            ...before,
            user,
        }));
    };
}

/** Where others in this network find the server: as it was told, else as this browser does. */
export function useAddress(): string {
    return useSession().data?.address || window.location.origin;
}

/** Notes who has just come in; what was fetched for anybody else is forgotten. */
export function useSignedIn() {
    const queries = useQueryClient();
    const { demo = false, address = '' } = useSession().data ?? {};
    return (user: User) => {
        queries.clear();
        readAs(user);
        queries.setQueryData(KEY, { user, demo, address });
    };
}

export function useSignOut() {
    const queries = useQueryClient();
    const navigate = useNavigate();
    return async () => {
        await taken(api.DELETE('/api/session'));
        queries.clear();
        readAs(null);
        void navigate('/sign-in');
    };
}

/** Forgets who was signed in and goes to the sign-in page, to come back here afterwards. */
export function useSignInAgain() {
    const queries = useQueryClient();
    const navigate = useNavigate();
    return () => {
        queries.setQueryData<ReturnType<typeof useSession>['data']>(KEY, (before) => ({
            demo: false,
            address: '',
            ...before,
            user: null,
        }));
        void navigate(`/sign-in?back=${encodeURIComponent(window.location.pathname)}`);
    };
}
