/* One move of the ladder's search and the season after it, as core/ladder/season.ts plays it: the same arithmetic, the same tables.
   Reads the number of rounds, the site and weights, then options with their pots; prints milliseconds and the sum of all costs. */
#include <math.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define POINTS 8192
static const double FROM = -6, TO = 8.5;
static double fill_[POINTS + 1], soft_[POINTS + 1], PER;

static inline double at(const double *table, double x) {
  double p = (x - FROM) * PER;
  int i = (int)p;
  return table[i] + (table[i + 1] - table[i]) * (p - i);
}
static inline double plus(double v) { return v > 0 ? v : 0; }

typedef struct {
  double retained, kept, rise, age, fixed, wetA, wetB, wetC, turning, size, lift, depth;
} Option;

static uint32_t seed;
static double next(void) {
  seed += 0x6d2b79f5;
  uint32_t t = seed;
  t = (t ^ (t >> 15)) * (t | 1);
  t ^= t + (t ^ (t >> 7)) * (t | 61);
  return (double)(t ^ (t >> 14)) / 4294967296.0;
}

int main(void) {
  int rounds, options, states;
  double coolWet, mixLife, wOversize, wBound, wGrowth, wAge, turnFrom, turnShare, turnMost, sizeL;
  if (scanf("%d %d %d %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf", &rounds, &states, &options, &coolWet, &mixLife, &wOversize, &wBound,
            &wGrowth, &wAge, &turnFrom, &turnShare, &turnMost, &sizeL) != 13)
    return 1;
  Option *o = malloc(sizeof(Option) * options);
  for (int i = 0; i < options; i++)
    if (scanf("%lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf", &o[i].retained, &o[i].kept, &o[i].rise, &o[i].age, &o[i].fixed,
              &o[i].wetA, &o[i].wetB, &o[i].wetC, &o[i].turning, &o[i].size, &o[i].lift, &o[i].depth) != 12)
      return 1;
  PER = (POINTS - 1) / (TO - FROM);
  for (int i = 0; i <= POINTS; i++) {
    double x = FROM + i / PER;
    fill_[i] = 1 / (1 + exp(-x));
    soft_[i] = log1p(exp(x));
  }
  double *s = malloc(sizeof(double) * 3 * states);
  seed = 7;
  for (int i = 0; i < states; i++) {
    s[3 * i] = -1.5 + 5 * next();
    s[3 * i + 1] = 3 * next();
    s[3 * i + 2] = 6 * next();
  }
  const double atStart = log1p(exp(turnFrom)) - turnShare * turnFrom;
  double sum = 0;
  clock_t from = clock();
  for (int r = 0; r < rounds; r++)
    for (int i = 0; i < states; i++) {
      double x = s[3 * i], c = s[3 * i + 1], age = s[3 * i + 2];
      double f0 = at(fill_, x);
      for (int j = 0; j < options; j++) {
        double start = f0, x0 = x;
        if (o[j].retained != 1) {
          start = o[j].retained * f0;
          if (start > 0.995) start = 0.995;
          x0 = start <= 0.005 ? log(0.005 / 0.995) : start >= 0.995 ? log(0.995 / 0.005) : log(start / (1 - start));
        }
        double c0 = o[j].kept * c;
        double x1 = x0 + o[j].rise;
        if (x1 > 8) x1 = 8;
        double f1 = at(fill_, x1);
        double c1 = c0;
        if (x1 > turnFrom) {
          double before = x0 > turnFrom ? at(soft_, x0) - turnShare * x0 : atStart;
          double turned = (at(soft_, x1) - turnShare * x1 - before) / (1 - turnShare);
          c1 = turnMost - (turnMost - c0) * exp(-o[j].turning * turned);
        }
        double old = o[j].age * age, now = old + 1;
        double air = 0.22 - 0.02 * old;
        if (air < 0.05) air = 0.05;
        double airShort = (0.35 - air) / 0.25;
        if (airShort < 0) airShort = 0;
        if (airShort > 1) airShort = 1;
        double days = o[j].wetA / (o[j].wetB + o[j].wetC * start);
        double wet = days > 7 ? (1 - start) * (1 - exp((7 - days) / 10)) * airShort * coolWet : 0;
        double f = (start + f1) / 2, turn = (c0 + c1) / 2;
        double over = plus((f - 0.8) / 0.2);
        double held = 1 - 0.55 * over * sqrt(over) - 0.06 * turn;
        double g = (0.6 + 0.4 * (f / 0.35 < 1 ? f / 0.35 : 1)) * (held < 0.25 ? 0.25 : held);
        sum += o[j].fixed + wOversize * wet + wBound * (5 * plus(f1 - 0.9) + plus(c1 - 1) / 3) + o[j].lift + o[j].depth +
               wGrowth * (1 - g * o[j].size) + wAge * (now / mixLife) * (now / mixLife);
      }
    }
  printf("%.6f %.9f\n", 1000.0 * (clock() - from) / CLOCKS_PER_SEC, sum / rounds);
  return 0;
}
