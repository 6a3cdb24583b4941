import { padPair } from '../../strip/padName';
import { t } from '../../words/words';
import type { Room } from '../room';
import { LeadsPanel } from './LeadsPanel';

export const room: Room = {
    name: 'leads',
    position: 4,
    tools: ['jumpers', 'generator', 'bench-supply'],
    Panel: LeadsPanel,
    acts: ['leads.take-off'],
    shows: ['inject', 'connect-leads', 'feed-sensor', 'fit-breakout'],
    told: {
        'connect-leads': (car, action) =>
            action.leads.length === 0
                ? t('did.leads-off')
                : t('did.connect-leads', {
                      leads: action.leads.map((one) => padPair(car, one.first, one.second)).join('; '),
                  }),
        'fit-breakout': (_, action) => t(action.fitted ? 'did.breakout-in' : 'did.breakout-out'),
        'feed-sensor': (_, action) =>
            action.volts > 0
                ? t(action.reversed ? 'did.feed-reversed' : 'did.feed-sensor', {
                      channel: action.channel,
                      volts: action.volts,
                      limit: action.milliamperes,
                  })
                : t('did.feed-off'),
        inject: (_, action) =>
            action.hertz > 0
                ? t('did.inject', {
                      channel: action.channel,
                      hertz: action.hertz,
                      shape: t(`inject.${action.shape}`),
                  })
                : t('did.inject-off'),
    },
    shown: { 'bench-supply': { word: (_, word) => [t(`bench-supply.holds-${word}`)] } },
};
