/* The yardstick of the heat bench: the same scheme as core/heat for one thawed kind of piece, in plain C. Written against the
 * equations of docs/models.md. Prints the median milliseconds of one cook and the core when the lid opens. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define N 24
#define DT 3.0
#define THETA 0.55
#define K 0.48
#define RHO 1060.0
#define CP 3500.0

typedef struct { double g[N], store[N], q[N], inverse[N], theta; } Factored;
static double face[N + 1], kg[N], t[N], p[N], old[N], kgOf, dx;

static void factor(Factored *f, double h, double theta) {
  double inner = 0, innerQ = 0;
  f->theta = theta;
  for (int i = 0; i < N; i++) {
    int last = i == N - 1;
    double g = last ? face[i + 1] / (dx / (2 * K) + 1 / h) : K * face[i + 1] / dx;
    double out = (last ? theta : THETA) * g, store = kg[i] * CP / DT;
    double inverse = 1 / (store + out + inner * (1 - innerQ));
    f->g[i] = g, f->store[i] = store, f->inverse[i] = inverse, f->q[i] = out * inverse;
    inner = out, innerQ = f->q[i];
  }
}

static void step(Factored *f, double *pot, double cap, double power, double loss, double pin) {
  double here = t[0], inner = 0, brought = 0;
  for (int i = 0; i < N - 1; i++) {
    double flow = (1 - THETA) * f->g[i] * (t[i + 1] - here);
    old[i] = flow;
    double end = (f->store[i] * here + flow - inner + brought) * f->inverse[i];
    p[i] = end, brought = THETA * f->g[i] * end, inner = flow, here = t[i + 1];
  }
  double outside = (1 - f->theta) * f->g[N - 1] * (*pot - here);
  old[N - 1] = outside;
  p[N - 1] = (f->store[N - 1] * here + outside - inner + brought) * f->inverse[N - 1];
  double s = f->theta * f->g[N - 1] * kgOf, gain = s * (1 - f->q[N - 1]), offset = s * p[N - 1] - outside * kgOf;
  *pot = pin > 0 ? pin : (cap * *pot + DT * (power + loss * 20 + offset)) / (cap + DT * (loss + gain));
  double out = *pot;
  for (int i = N - 1; i >= 0; i--) t[i] = out = p[i] + f->q[i] * out;
}

static double flash(double most) {
  double left = 0;
  for (int i = N - 1; i >= 0; i--)
    if (t[i] > most) left += (t[i] - most) * kg[i], t[i] = most;
  return left * CP * kgOf;
}

static double cook(double minutes) {
  double r = 0.0224, m = 1.8, sum = 0, pot = 70, cap = 3850, power = 860, purge = 30 * 2240.0, tender = 0;
  dx = r / N;
  for (int i = 0; i <= N; i++) face[i] = pow(i * dx, m);
  for (int i = 0; i < N; i++) sum += kg[i] = RHO * (pow((i + 1) * dx, m + 1) - pow(i * dx, m + 1)) / (m + 1), t[i] = 6;
  kgOf = 1.0 / sum;
  Factored warm, boil, warmStiff;
  factor(&warm, 60, THETA), factor(&boil, 600, THETA), factor(&warmStiff, 600, 1);
  while (pot < 116) {
    double before = pot;
    Factored *f = pot > 98 ? (face[N] * kgOf * 600 * DT > cap ? &warmStiff : &boil) : &warm;
    step(f, &pot, cap, power, 1, 0);
    if (purge > 0 && pot > 100 && before <= 100.01) purge -= (pot - 100) * cap, pot = 100;
    tender += DT * pow(2, (t[0] - 95) / 9.5);
  }
  for (int i = (int)(minutes * 60 / DT); i > 0; i--) step(&boil, &pot, cap, 0, 1, 116), tender += DT * pow(2, (t[0] - 95) / 9.5);
  while (pot > 100.8) {
    step(&boil, &pot, cap, 0, 1.75, 0);
    pot += flash(pot + 1.5) / cap;
    tender += DT * pow(2, (t[0] - 95) / 9.5);
  }
  return t[0] + tender * 1e-12;
}

static int by(const void *a, const void *b) { double d = *(double *)a - *(double *)b; return d < 0 ? -1 : d > 0; }

int main(void) {
  enum { RUNS = 300 };
  static double ms[RUNS];
  double core = 0;
  for (int i = 0; i < RUNS; i++) {
    struct timespec a, b;
    clock_gettime(CLOCK_MONOTONIC, &a);
    core = cook(35 + i % 2);
    clock_gettime(CLOCK_MONOTONIC, &b);
    ms[i] = (b.tv_sec - a.tv_sec) * 1e3 + (b.tv_nsec - a.tv_nsec) / 1e6;
  }
  qsort(ms, RUNS, sizeof *ms, by);
  printf("%f %f %f\n", ms[RUNS / 2], ms[(int)(RUNS * 0.95)], core);
  return 0;
}
