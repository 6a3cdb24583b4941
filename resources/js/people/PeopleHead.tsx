import { Link } from 'react-router';
import type { Group } from '../api/types';
import { t } from '../words/words';
import { GroupSelect } from './GroupSelect';
import { JoinDoor } from './JoinDoor';

interface Props {
    ofTheHouse: boolean;
    groups: Group[];
    /** Whose people are shown: an id as text, or all. */
    group: string;
    onGroup: (group: string) => void;
}

/** What this page is for, one group out of several, and ways for many at once. */
export function PeopleHead({ ofTheHouse, groups, group, onGroup }: Props) {
    return (
        <div className="mb-3 flex items-end justify-between gap-6 narrow:flex-wrap narrow:gap-2">
            <p className="max-w-150 text-small text-ink-soft">
                {t(ofTheHouse ? 'people.about-office' : 'people.about')}
            </p>
            <div className="flex items-end gap-5 narrow:flex-wrap narrow:gap-y-1">
                {groups.length > 1 && (
                    <div className="w-60">
                        <GroupSelect
                            label={t('people.shown')}
                            groups={groups}
                            value={group}
                            none={t('people.all-groups')}
                            onChoose={onGroup}
                        />
                    </div>
                )}
                {groups.length > 0 && <JoinDoor groups={groups} />}
                <Link to="/people/roster" className="py-1 text-petrol underline">
                    {t('roster.open')}
                </Link>
                <Link to="/people/cards" className="py-1 text-petrol underline">
                    {t('cards.open')}
                </Link>
            </div>
        </div>
    );
}
