import { type ChildProcess, spawn } from "node:child_process";
import { openSync } from "node:fs";
import path from "node:path";
import { sleep } from "./processes";

export interface WeatherService {
  url: string;
  child: ChildProcess;
  stop: () => void;
}

/** Starts the simulated weather service beside the application; it ends with the script that started it. */
export async function startWeatherService(dir: string, port: number, fault = "none"): Promise<WeatherService> {
  const log = openSync(path.join(dir, "weather-service.log"), "a", 0o600);
  const child = spawn(process.execPath, ["--import", "tsx", "standins/weather/main.ts"], {
    env: { ...process.env, AURELIAN_STANDIN_PORT: String(port), AURELIAN_STANDIN_FAULT: fault },
    stdio: ["ignore", log, log],
  });
  const stop = () => void child.kill("SIGTERM");
  process.once("exit", stop);
  const url = `http://127.0.0.1:${port}`;
  for (const end = Date.now() + 30_000; ;) {
    if (child.exitCode !== null || Date.now() > end)
      throw new Error(`The simulated weather service did not start: see ${path.join(dir, "weather-service.log")}`);
    try {
      if ((await fetch(`${url}/v1/health`)).ok) break;
    } catch {
      // not yet
    }
    await sleep(80);
  }
  return { url, child, stop };
}
