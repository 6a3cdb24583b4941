"""Stops of a car on four wheels by scipy's RK45, from the same figures and with equations written down anew.

Reads a list of cases as JSON and writes, for each, the distance and the seconds until the car is slower than a walk. Brakes are torques that rise evenly to
what they come to; a wheel that stands goes on standing while its brake is stronger than the road.
"""

import json
import math
import sys

from scipy.integrate import solve_ivp

GRAVITY = 9.81
RELAXATION = 0.08
ENDS_AT = 0.3


def friction(surface, slip):
    c1, c2, c3 = surface
    return math.copysign(c1 * (1 - math.exp(-c2 * abs(slip))) - c3 * abs(slip), slip)


def rates(case):
    mass, base, radius = case["mass"], case["wheelbase"], case["radius"]
    rear_weight = mass * GRAVITY * case["behind"] / base
    front_weight = mass * GRAVITY - rear_weight

    def of(time, state):
        speed, pitch = state[0], state[1]
        turning, slips = state[2:6], state[6:10]
        shifted = mass * pitch * case["height"] / base
        loads = [max(0.0, front_weight + shifted) / 2] * 2 + [max(0.0, rear_weight - shifted) / 2] * 2
        forces = [load * friction(case["surface"], slip) for load, slip in zip(loads, slips)]
        slowing = (sum(forces) + case["air"] * speed**2) / mass
        spun, slipped = [], []
        for w in range(4):
            brake = case["torques"][w] * min(1.0, time / case["rise"]) + case["rolling"] * loads[w] * radius
            net = radius * forces[w] - brake
            stands = turning[w] <= 1e-5 and net < 0
            spun.append(0.0 if stands else net / case["inertias"][w])
            rim = radius * max(0.0, turning[w])
            slipped.append((speed - rim - max(speed, rim) * slips[w]) / RELAXATION)
        return [-slowing, (slowing - pitch) / case["lag"], *spun, *slipped, speed]

    return of


def solved(case):
    def stands(_, state):
        return state[0] - ENDS_AT

    stands.terminal = True
    begin = [case["speed"], 0.0, *[case["speed"] / case["radius"]] * 4, 0.0, 0.0, 0.0, 0.0, 0.0]
    result = solve_ivp(rates(case), (0.0, 120.0), begin, method="RK45", rtol=1e-6, atol=1e-8, max_step=0.01, events=stands)
    return {"metres": float(result.y[10, -1]), "seconds": float(result.t[-1])}


print(json.dumps([solved(case) for case in json.load(sys.stdin)]))
