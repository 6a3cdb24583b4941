import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';

const KEY = ['session'];

export function useSession() {
    return useQuery({ queryKey: KEY, queryFn: () => taken(api.GET('/api/session')), staleTime: Infinity });
}

export function useSignOut() {
    const queries = useQueryClient();
    const navigate = useNavigate();
    return async () => {
        await taken(api.DELETE('/api/session'));
        queries.clear();
        void navigate('/sign-in');
    };
}

/** Forgets who was signed in and goes to the sign-in page, to come back here afterwards. */
export function useSignInAgain() {
    const queries = useQueryClient();
    const navigate = useNavigate();
    return () => {
        queries.setQueryData(KEY, { user: null, demo: false });
        void navigate(`/sign-in?back=${encodeURIComponent(window.location.pathname)}`);
    };
}
