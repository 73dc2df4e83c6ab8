import type { Normals } from "@/core/climate/index";

/** Normals of a made-up continental place, for tests. */
export const TEST_NORMALS: Normals = {
  tminC: [-4.6, -4.1, -0.9, 2.9, 7.3, 10.6, 12.3, 11.9, 8.4, 4.3, 0, -3.2],
  tmaxC: [2.1, 4.1, 8.8, 13.7, 18.5, 21.8, 24, 23.6, 18.9, 13.3, 6.9, 3],
  tminSdC: [5, 4.8, 3.7, 3.3, 3.1, 2.8, 2.5, 2.5, 3, 3.6, 4, 4.7],
  tmaxSdC: [4.5, 4.8, 5, 4.8, 4.6, 4.3, 4.1, 4, 4.2, 4.1, 4.3, 4.4],
  wetShare: Array.from({ length: 12 }, () => 0.4),
  rainMm: Array.from({ length: 12 }, () => 70),
  windMs: Array.from({ length: 12 }, () => 2.4),
};
