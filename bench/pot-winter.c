/* The loop of core/winter/pot-temperature.ts in C, for comparison: gcc -O3 bench/pot-winter.c -lm; prints milliseconds per pot-winter
 * and the two coldest temperatures, which must agree with ours. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

static double thawed, frozen, fusion, slush;

static double temperature(double e) {
  return e >= 0 ? e / thawed : e >= -slush ? e / slush : -1 + (e + slush) / frozen;
}
static double enthalpy(double t) {
  return t >= 0 ? t * thawed : t >= -1 ? t * slush : -slush + (t + 1) * frozen;
}
struct hour { double air, wind, soil, sun, sky, snow; };

static void winter(double litres, double wall_r, double exposure, double shelter, double water, int bench, const struct hour *hours,
                   int n, double *shell, double *core, double *min_shell, double *min_core) {
  thawed = .45 + 4.18 * water;
  frozen = .45 + 2.1 * water;
  fusion = 333.55 * water;
  slush = fusion + (thawed + frozen) / 2;
  const double k0 = .5, k1 = .9;
  const double volume = litres / 1000, radius = cbrt(volume / (2 * M_PI)), height = 2 * radius;
  const double around = 2 * M_PI * height, wall_area = 2 * M_PI * radius * height, disc = M_PI * radius * radius;
  const double upright = height / (4 * .5), ln_wall = log(1 / .906), ln01 = log(.906 / .667), ln12 = log(.667 / .354);
  const double v0 = .36 * volume, v1 = .39 * volume, v2 = .25 * volume, d0 = .36 * disc, d1 = .39 * disc, d2 = .25 * disc;
  const double g01_thawed = around * k0 / ln01, g12_thawed = around * k0 / ln12;
  const double g01_more = around * (k1 - k0) / (2 * ln01), g12_more = around * (k1 - k0) / (2 * ln12);
  const double g01_most = g01_thawed + 2 * g01_more, g12_most = g12_thawed + 2 * g12_more, k_more = k1 - k0;
  const double shell_path = ln_wall / around, per_thawed = 1 / thawed, per_slush = 1 / slush, per_frozen = 1 / frozen;
  double e0 = enthalpy(hours[0].soil), e1 = e0, e2 = e0;
  const double least = fmin(thawed, frozen);
  *min_shell = *min_core = hours[0].soil;
  for (int i = 0; i < n; i++) {
    const struct hour h = hours[i];
    const double film = 5.7 + 3.8 * h.wind * shelter;
    const double wall_c = h.air + (.8 * .3 * h.sun - .35 * h.sky) / film, top_c = h.air + (.8 * h.sun - .9 * h.sky) / film;
    const double top = 1 / (1 / film + h.snow + upright), bottom = bench ? 1 / (1 / film + upright) : 1 / (.05 + upright);
    const double ends_c = top * top_c + bottom * (bench ? h.air : h.soil), ends = top + bottom;
    const double outer = (wall_r + 1 / film) / (wall_area * exposure), wall_most = 1 / (shell_path / k1 + outer);
    const double quickest = fmin(fmin(least * v0 / (wall_most + g01_most + d0 * ends), least * v1 / (g01_most + g12_most + d1 * ends)),
                                 least * v2 / (g12_most + d2 * ends));
    int steps = (int)ceil(3600 / (.4 * quickest * 1e6));
    if (steps < 1) steps = 1;
    const double dt = 3600.0 / steps / 1e6, dt0 = dt / v0, dt1 = dt / v1, dt2 = dt / v2;
    for (int s = 0; s < steps; s++) {
      const double t0 = e0 >= 0 ? e0 * per_thawed : e0 >= -slush ? e0 * per_slush : -1 + (e0 + slush) * per_frozen;
      const double t1 = e1 >= 0 ? e1 * per_thawed : e1 >= -slush ? e1 * per_slush : -1 + (e1 + slush) * per_frozen;
      const double t2 = e2 >= 0 ? e2 * per_thawed : e2 >= -slush ? e2 * per_slush : -1 + (e2 + slush) * per_frozen;
      const double f0 = e0 >= 0 ? 0 : e0 <= -slush ? 1 : -e0 * per_slush;
      const double f1 = e1 >= 0 ? 0 : e1 <= -slush ? 1 : -e1 * per_slush;
      const double f2 = e2 >= 0 ? 0 : e2 <= -slush ? 1 : -e2 * per_slush;
      const double g_wall = 1 / (shell_path / (k0 + k_more * f0) + outer);
      const double in0 = g_wall * (wall_c - t0) + d0 * (ends_c - ends * t0);
      const double in1 = d1 * (ends_c - ends * t1), in2 = d2 * (ends_c - ends * t2);
      const double q01 = (g01_thawed + g01_more * (f0 + f1)) * (t1 - t0), q12 = (g12_thawed + g12_more * (f1 + f2)) * (t2 - t1);
      e0 += (in0 + q01) * dt0;
      e1 += (in1 - q01 + q12) * dt1;
      e2 += (in2 - q12) * dt2;
    }
    shell[i] = temperature(e0);
    core[i] = temperature(e2);
    if (shell[i] < *min_shell) *min_shell = shell[i];
    if (core[i] < *min_core) *min_core = core[i];
  }
}

/* Hours come as text, six numbers a line; first argument: litres, second: how often. */
int main(int argc, char **argv) {
  const double litres = argc > 1 ? atof(argv[1]) : 10;
  const int rounds = argc > 2 ? atoi(argv[2]) : 100;
  int n = 0, room = 6000;
  struct hour *hours = malloc(room * sizeof *hours), h;
  while (scanf("%lf %lf %lf %lf %lf %lf", &h.air, &h.wind, &h.soil, &h.sun, &h.sky, &h.snow) == 6) {
    if (n == room) hours = realloc(hours, (room *= 2) * sizeof *hours);
    hours[n++] = h;
  }
  double *shell = malloc(n * sizeof *shell), *core = malloc(n * sizeof *core), min_shell, min_core, sum = 0;
  winter(litres, .01, 1, 1, .4, 1, hours, n, shell, core, &min_shell, &min_core);
  const clock_t from = clock();
  for (int r = 0; r < rounds; r++) {
    winter(litres, .01, 1, 1, .4, 1, hours, n, shell, core, &min_shell, &min_core);
    sum += min_core;
  }
  const double ms = 1000.0 * (clock() - from) / CLOCKS_PER_SEC / rounds;
  printf("%.4f %.6f %.6f %g\n", ms, min_shell, min_core, sum / rounds);
  return 0;
}
