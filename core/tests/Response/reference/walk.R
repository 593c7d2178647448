# A level that wanders between sessions: the posterior written down a second time, maximized by a general optimizer, its covariance from
# numerical second derivatives. Gaps and slope count by the densities of their logarithms. Writes walk.json beside this file; plain R 4.2.
# Rscript core/tests/Response/reference/walk.R
here <- dirname(sub("--file=", "", grep("--file=", commandArgs(), value = TRUE)))
number <- function(x) paste0("[", paste(trimws(formatC(x, digits = 10, format = "g")), collapse = ","), "]")
x <- c(-3, -2.5, -2, -1.5, -3, -2, -1, -0.5, -2.5, -1.5, -1, -2, -1.2)
y <- rbind(c(5, 2, 0, 0, 0), c(3, 3, 1, 0, 0), c(2, 2, 2, 0, 0), c(1, 3, 2, 1, 0), c(4, 1, 0, 0, 0), c(2, 3, 0, 0, 0), c(1, 1, 2, 1, 0),
           c(0, 0, 1, 2, 1), c(6, 1, 0, 0, 0), c(4, 2, 0, 0, 0), c(2, 2, 1, 0, 0), c(3, 1, 0, 0, 0), c(2, 1, 1, 0, 0))
day <- c(1, 1, 1, 1, 2, 2, 2, 3, 4, 4, 4, 5, 5)   # 3 is after a reaction in the second session, 5 is today
days <- 0.7; walk <- 0.35; after <- 1
# p: top cut, gaps, slope, five days' offsets, levels of the first, second and third session; today's level is 0
posterior <- function(p) {
  if (any(p[2:5] <= 0)) return(-1e10)
  cuts <- c(p[1] - sum(p[2:4]), p[1] - p[3] - p[4], p[1] - p[4], p[1])
  u <- p[6:10]; level <- c(p[11:13], 0)
  atLeast <- cbind(1, plogis(outer(x * p[5] + u[day], cuts, "-")), 0)
  sum(y * log(atLeast[, 1:5] - atLeast[, 2:6])) - p[1]^2 / (2 * 1.3^2) +
    sum(dgamma(p[2:4], 8, 8 / c(2.1, 1.6, 1.3), log = TRUE)) + dgamma(p[5], 8, 8 / 2.2222, log = TRUE) + sum(log(p[2:5])) -
    sum((u - c(0, 0, after, 0, 0) - level[c(1, 2, 2, 3, 4)])^2) / (2 * days^2) - sum(diff(level)^2) / (2 * walk^2)
}
best <- list(par = c(0, 2, 1.5, 1.2, 2, rep(0, 8)))
for (i in 1:40) best <- optim(best$par, posterior, method = "BFGS", control = list(fnscale = -1, reltol = 1e-16, maxit = 2000, ndeps = rep(1e-5, 13)))
information <- -optimHess(best$par, posterior, control = list(ndeps = rep(1e-4, 13)))
# eta at x = -1.2 on today's day and on a typical one, over the third cut point
direction <- c(-1, 0, 0, 1, -1.2, 0, 0, 0, 0, 1, 0, 0, 0)
typical <- replace(direction, 10, 0)
sd <- function(v) sqrt(drop(v %*% solve(information, v)))
writeLines(paste0("{\n\"x\":", number(x), ",\n\"y\":[", paste(apply(y, 1, number), collapse = ","), "],\n\"day\":", number(day - 1),
  ",\n\"theta\":", number(best$par[1:5]), ",\n\"offsets\":", number(best$par[6:13]), ",\n\"today\":", number(c(sum(direction * best$par), sd(direction))),
  ",\n\"typical\":", number(c(sum(typical * best$par), sd(typical))), ",\n\"logDeterminant\":",
  number(as.numeric(determinant(information)$modulus)), "\n}"), file.path(here, "walk.json"))
