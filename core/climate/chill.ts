/** Winter cold as hours below 7.2 °C, Utah units (Richardson et al. 1974) and Dynamic-model portions (Fishman et al. 1987). */

export interface Chill {
  hoursBelow7_2: number;
  utahUnits: number;
  portions: number;
}

const DYNAMIC = { e0: 4153.5, e1: 12888.8, a0: 139_500, a1: 2.567e18, slope: 1.6, transitionK: 277 };

/** @example utahUnit(8) // 1 */
export function utahUnit(tempC: number): number {
  if (tempC <= 1.4) return 0;
  if (tempC <= 2.4) return 0.5;
  if (tempC <= 9.1) return 1;
  if (tempC <= 12.4) return 0.5;
  if (tempC <= 15.9) return 0;
  if (tempC <= 18) return -0.5;
  return -1;
}

/** The running intermediate product of the Dynamic model: feed it hours, it answers the portions each completes. */
export function portionCounter(): (tempC: number) => number {
  let store = 0;
  return (tempC) => {
    const kelvin = tempC + 273;
    const ratio = Math.exp((DYNAMIC.slope * DYNAMIC.transitionK * (kelvin - DYNAMIC.transitionK)) / kelvin);
    const share = ratio / (1 + ratio);
    const ceiling = (DYNAMIC.a0 / DYNAMIC.a1) * Math.exp((DYNAMIC.e1 - DYNAMIC.e0) / kelvin);
    const rate = DYNAMIC.a1 * Math.exp(-DYNAMIC.e1 / kelvin);
    const amount = ceiling - (ceiling - store) * Math.exp(-rate);
    if (amount < 1) {
      store = amount;
      return 0;
    }
    store = amount * (1 - share);
    return amount * share;
  };
}

/** Cardinal temperatures of growth towards bud break and bloom, °C (Anderson, Richardson & Kesner 1986). */
const GROWTH = { baseC: 4, optimumC: 25, criticalC: 36 } as const;

/**
 * Growing-degree hours of one hour, °C·h (Anderson, Richardson & Kesner 1986): half a cosine up to the optimum, another from there to
 * the critical temperature; none outside.
 * @example growingDegreeHours(25) // 21
 * @example growingDegreeHours(14.5) // 10.5
 */
export function growingDegreeHours(tempC: number): number {
  const { baseC, optimumC, criticalC } = GROWTH;
  if (tempC <= baseC || tempC >= criticalC) return 0;
  const most = optimumC - baseC;
  if (tempC <= optimumC) return (most / 2) * (1 + Math.cos(Math.PI * (1 + (tempC - baseC) / most)));
  return most * (1 + Math.cos((Math.PI / 2) * (1 + (tempC - optimumC) / (criticalC - optimumC))));
}

export function chillOf(hourlyC: ArrayLike<number>): Chill {
  const count = portionCounter();
  let [hoursBelow7_2, utahUnits, portions] = [0, 0, 0];
  for (let i = 0; i < hourlyC.length; i++) {
    if (hourlyC[i] <= 7.2) hoursBelow7_2++;
    utahUnits += utahUnit(hourlyC[i]);
    portions += count(hourlyC[i]);
  }
  return { hoursBelow7_2, utahUnits, portions };
}
