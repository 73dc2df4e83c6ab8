// The simulated weather service as a process of its own: AURELIAN_STANDIN_PORT says where.
import { serveWeather } from "./serve";

serveWeather(Number(process.env.AURELIAN_STANDIN_PORT))
  .then((server) => {
    console.log("simulated weather service is up");
    process.on("SIGTERM", () => server.close(() => process.exit(0)));
    process.on("SIGINT", () => process.exit(0));
  })
  .catch((error: unknown) => {
    console.error(error);
    process.exit(1);
  });
