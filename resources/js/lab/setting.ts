import type { LabOptions, LabSetting } from '../api/types';

export type Technology = LabSetting['technology'];

/** A sound sensor of one kind as a car carries it, turned by hand. */
export function startingWith(options: LabOptions, technology: Technology): LabSetting {
    const stand = options.stands.find((one) => one.technology === technology)!;
    return {
        technology,
        teeth: stand.teeth,
        turnsPerSecond: 0.5,
        gapMillimetres: stand.gapMillimetres,
        celsius: 20,
        inputOhms: stand.inputOhms,
        defect: '',
        wholeTurn: false,
    };
}

/** The same speed, temperature and window with another sensor; a defect it cannot have is left behind. */
export function withTechnology(options: LabOptions, setting: LabSetting, technology: Technology): LabSetting {
    const { turnsPerSecond, celsius, wholeTurn, defect, strength } = setting;
    const keeps =
        options.defects.find((one) => one.id === defect)?.technologies.includes(technology) ?? false;
    return {
        ...startingWith(options, technology),
        turnsPerSecond,
        celsius,
        wholeTurn,
        ...(keeps ? { defect, ...(strength === undefined ? {} : { strength }) } : {}),
    };
}
