import { type ForecastSource, ServiceRefusal } from "./source";

/** The simulated service that ships with the program. It knows no geography, so it is told the climate it is to play. */
export function simulatedSource(url: string): ForecastSource {
  return {
    name: "simulated weather service",
    isSimulated: true,
    ask: async (site, signal) => {
      const answer = await fetch(`${url}/v1/forecast`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(site),
        signal,
        cache: "no-store",
      });
      if (!answer.ok) throw new ServiceRefusal(`it answered ${answer.status}`, answer.status >= 500);
      return (await answer.json()) as unknown;
    },
  };
}
