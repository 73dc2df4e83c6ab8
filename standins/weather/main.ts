// The simulated weather service as a process of its own: AURELIAN_STANDIN_PORT says where, AURELIAN_STANDIN_FAULT how it fails at first.
import { FAULTS, serveWeather } from "./serve";

const usual = FAULTS.find((fault) => fault === process.env.AURELIAN_STANDIN_FAULT) ?? "none";
serveWeather(Number(process.env.AURELIAN_STANDIN_PORT), usual)
  .then((server) => {
    console.log("simulated weather service is up");
    process.on("SIGTERM", () => server.close(() => process.exit(0)));
    process.on("SIGINT", () => process.exit(0));
    // Whoever started it may be killed without a word: then it ends, too.
    const parent = process.ppid;
    setInterval(() => {
      if (process.ppid !== parent) process.exit(0);
    }, 2000).unref();
  })
  .catch((error: unknown) => {
    console.error(error);
    process.exit(1);
  });
