/** Normals of a made-up continental place, for tests. */
export { TRAMHALLE_NORMALS as TEST_NORMALS } from "@/demo/weather";
