import type { ComponentType } from 'react';
import type { ShownPicture } from '../../api/types';
import type { DrawingProps } from '../shows';
import { Blades } from './Blades';
import { BrakeHose } from './BrakeHose';
import { Cable } from './Cable';
import { Encoder } from './Encoder';
import { Film } from './Film';
import { Fuse } from './Fuse';
import { Gap } from './Gap';
import { GroundScrew } from './GroundScrew';
import { Linings } from './Linings';
import { PipesOfUnit } from './PipesOfUnit';
import { PlugFace } from './PlugFace';
import { PlugJoined } from './PlugJoined';
import { Relay } from './Relay';
import { Reservoir } from './Reservoir';
import { RingInSlot } from './RingInSlot';
import { RockedWheel } from './RockedWheel';
import { SwitchAtArm } from './SwitchAtArm';
import { Tip } from './Tip';
import { Tyre } from './Tyre';

/** One drawing for each kind of picture, wherever it is shown. */
export const DRAWINGS: Record<ShownPicture['drawing'], ComponentType<DrawingProps>> = {
    ring: RingInSlot,
    encoder: Encoder,
    film: Film,
    gap: Gap,
    blades: Blades,
    tip: Tip,
    cable: Cable,
    'plug-face': PlugFace,
    'plug-joined': PlugJoined,
    tyre: Tyre,
    linings: Linings,
    'brake-hose': BrakeHose,
    fuse: Fuse,
    relay: Relay,
    ground: GroundScrew,
    'unit-pipes': PipesOfUnit,
    'rocked-wheel': RockedWheel,
    switch: SwitchAtArm,
    reservoir: Reservoir,
};

/** What looks otherwise from another side, or comes past by turning. */
export const TURNED: ShownPicture['drawing'][] = ['ring', 'encoder', 'film', 'gap', 'plug-face'];
