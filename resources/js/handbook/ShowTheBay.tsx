import { useState } from 'react';
import { Link } from 'react-router';
import { useSession } from '../app/session';
import { showTheBayAgain } from '../bay/tourTaken';
import { Button } from '../ui/Button';
import { t } from '../words/words';

/** Has the bay shown again, in six steps, with the next job that is opened. */
export function ShowTheBay() {
    const user = useSession().data?.user;
    const [isAsked, setAsked] = useState(false);
    if (user?.role !== 'apprentice') return null;
    return (
        <div role="status">
            {isAsked ? (
                <p>
                    {t('tour.asked')}{' '}
                    <Link to="/jobs" className="text-petrol underline">
                        {t('jobs.title')}
                    </Link>
                </p>
            ) : (
                <Button
                    onClick={() => {
                        showTheBayAgain(user.signIn);
                        setAsked(true);
                    }}
                >
                    {t('tour.show')}
                </Button>
            )}
        </div>
    );
}
