"""The pressures of one brake circuit by scipy's LSODA, from the same figures and with equations written down anew.

Reads a list of cases as JSON and writes, for each, the pressures and what is in the accumulator at its end. Unlike the machine it
follows volumes, not pressures, and takes in, out and pump together instead of one after the other.
"""

import json
import math
import sys

from scipy.integrate import solve_ivp
from scipy.optimize import brentq

ATMOSPHERE = 1.013


def volume(wheel, bar):
    return (
        wheel["closing"] * (1 - math.exp(-bar / wheel["bend"]))
        + wheel["stretch"] * bar
        + wheel["air"] * bar / (bar + ATMOSPHERE)
    )


def pressure(wheel, cm3):
    if cm3 <= 0:
        return 0.0
    return brentq(lambda bar: volume(wheel, bar) - cm3, 0, 400, xtol=1e-12)


def orifice(coefficient, across):
    return coefficient * math.sqrt(across) if across > 0 else -coefficient * math.sqrt(-across)


def narrowed(coefficient, hose):
    return coefficient if hose is None or coefficient == 0 else 1 / math.sqrt(1 / coefficient**2 + 1 / hose**2)


def inflow(wheel, across):
    inlet = wheel["inlet"] if wheel["inletOpen"] else wheel["inletLeak"]
    return orifice(narrowed(inlet if across > 0 else inlet + wheel["check"], wheel["hose"]), across)


def line_pressure(case, bars):
    """Between pump and inlets: as much goes in as the pump gives, at most the relief pressure."""

    def short(line):
        return sum(inflow(w, line - p) for w, p in zip(case["wheels"], bars)) - case["pump"]

    relief = case["relief"]
    return relief if short(relief) < 0 else brentq(short, 0, relief, xtol=1e-12)


def rates(case):
    def of(_, state):
        *volumes, accumulated = state
        bars = [pressure(w, v) for w, v in zip(case["wheels"], volumes)]
        line = line_pressure(case, bars) if case["buildsUp"] else case["master"]
        into = [inflow(w, line - p) for w, p in zip(case["wheels"], bars)]
        back = case["preload"] + case["spring"] * accumulated
        out = []
        for w, p in zip(case["wheels"], bars):
            coefficient = narrowed(w["outlet"] if w["outletOpen"] else w["outletLeak"], w["hose"])
            out.append(orifice(coefficient, p - back) if p > back and accumulated < case["capacity"] else 0.0)
        pumped = case["pump"] if case["pumps"] and accumulated > 0 else 0.0
        return [i - o for i, o in zip(into, out)] + [sum(out) - pumped]

    return of


def solved(case):
    start = [volume(w, w["bar"]) for w in case["wheels"]] + [case["accumulated"]]
    end = solve_ivp(
        rates(case), (0, case["seconds"]), start, method="LSODA", rtol=1e-8, atol=1e-10, max_step=2e-4
    ).y[:, -1]
    return {
        "bar": [pressure(w, v) for w, v in zip(case["wheels"], end)],
        "accumulated": end[-1],
    }


json.dump([solved(case) for case in json.load(sys.stdin)], sys.stdout)
