# The numbers of the charts of one session, worked out a second time with R's general tools: optim, a numeric Hessian, integrate, uniroot, median.
# Rscript core/tests/Insight/charts.R   (R 4.2, no packages); writes charts.json beside this file.
here <- dirname(sub("--file=", "", grep("--file=", commandArgs(), value = TRUE)))
number <- function(x) paste0("[", paste(trimws(formatC(x, digits = 12, format = "g")), collapse = ","), "]")

# one session of a dog that was stated to react at 10 m: meters, motion (score 0 to 1, usual 0.25), band, seconds to turn
trial <- data.frame(
  meters = c(40, 40, 36, 30, 30, 30, 26, 26, 22, 22, 22, 18, 18, 18, 16, 16, 20, 20, 24, 24),
  motion = c(.25, .25, .25, .25, .25, .5, .25, .5, .25, .25, .5, .25, .25, .5, .25, .25, .25, .25, .5, .25),
  band = c(0, 0, 0, 0, 0, 0, 0, 1, 0, 0, 1, 0, 1, 3, 4, 2, 0, 1, 0, 0),
  seconds = c(.6, .8, .9, .7, 1.1, 1.4, .9, 1.6, 1.5, 1.0, 1.9, 2.2, 3.1, 3.4, 6, 4.2, 1.8, 1.7, 1.5, 1.2))
x <- cbind(log2(10 / trial$meters), trial$motion - .25)
score <- function(p) { # p: top cut, gaps, slopes, today's offset, all linear
  cuts <- c(p[1] - sum(p[2:4]), p[1] - p[3] - p[4], p[1] - p[4], p[1])
  list(cuts = cuts, eta = drop(x %*% p[5:6]) + p[7])
}
posterior <- function(p, spacing) {
  if (any(p[2:6] <= 0)) return(-1e10)
  at <- score(p)
  atLeast <- cbind(1, plogis(outer(at$eta, at$cuts, "-")), 0)
  sum(log((atLeast[, 1:5] - atLeast[, 2:6])[cbind(seq_along(at$eta), trial$band + 1)])) - p[1]^2 / (2 * 1.3^2) - p[7]^2 / 2 +
    sum(dgamma(p[2:4], 8, 8 / (spacing * c(2.1, 1.6, 1.3)), log = TRUE)) + sum(dgamma(p[5:6], c(8, 3), c(3.6, 3 / 1.5), log = TRUE)) +
    sum(log(p[2:6])) # by the densities of their logarithms
}
hessian <- function(f, p, h = 1e-3) { # central differences, twice extrapolated
  once <- function(h) { n <- length(p); m <- matrix(0, n, n)
    for (i in 1:n) for (j in 1:n) { e <- function(s, t) { q <- p; q[i] <- q[i] + s * h; q[j] <- q[j] + t * h; f(q) }
      m[i, j] <- (e(1, 1) - e(1, -1) - e(-1, 1) + e(-1, -1)) / (4 * h^2) }
    m }
  (4 * once(h) - once(2 * h)) / 3
}
fit <- function(spacing) {
  p <- c(0, spacing * c(2, 1.5, 1.2), 2, 1, 0)
  for (i in 1:40) p <- optim(p, posterior, spacing = spacing, method = "BFGS", control = list(fnscale = -1, reltol = 1e-16, maxit = 2000))$par
  list(p = p, sigma = solve(-hessian(function(q) posterior(q, spacing), p)))
}
spacings <- list(c(1, 1, 1), c(.2, .2, .2), c(1, 1, .15))
fits <- lapply(spacings, fit)

# which spacing: how trials in band k or more went on to k + 1, by how hard they were at the usual mode, in classes of half a logit
at <- score(fits[[1]]$p)
evidence <- function(spacing) sum(sapply(1:3, function(k) {
  reached <- trial$band >= k
  logit <- (floor(pmin(6, at$eta - at$cuts[k]) / .5) + .5) * .5
  stayed <- trial$band == k
  rate <- 8 / (spacing[k] * c(2.1, 1.6, 1.3)[k])
  share <- function(g, l) (exp(-g) + exp(l - g)) / (1 + exp(l - g))
  one <- function(g) prod(ifelse(stayed[reached], 1 - share(g, logit[reached]), share(g, logit[reached]))) * dgamma(g, 8, rate)
  if (any(reached)) log(integrate(Vectorize(one), 0, 4 * 8 / rate, rel.tol = 1e-10)$value / pgamma(4 * 8 / rate, 8, rate)) else 0
}))
told <- sapply(spacings, evidence)
weights <- c(.75, .15, .1) * exp(told - told[1])
weights <- weights / sum(weights)

linear <- function(meters, k) { # η − c_k on a typical day, mixed by its first two moments
  one <- sapply(fits, function(f) {
    v <- c(-1, ifelse(k <= 1:3, 1, 0), log2(10 / meters), 0, 0)
    c(sum(v * f$p), sqrt(drop(v %*% f$sigma %*% v)))
  })
  mean <- sum(weights * one[1, ])
  c(mean, sqrt(sum(weights * (one[2, ]^2 + one[1, ]^2)) - mean^2))
}
meters <- c(40, 28, 20, 14, 10)
curve <- sapply(meters, function(m) { s <- linear(m, 3)
  c(sapply(1:4, function(k) plogis(linear(m, k)[1])), plogis(s[1] - qnorm(.9) * s[2]), plogis(s[1] + qnorm(.9) * s[2])) })
mean <- function(l) integrate(function(z) plogis(z) * dnorm(z, l[1], l[2]), l[1] - 12 * l[2], l[1] + 12 * l[2], rel.tol = 1e-10)$value
most <- function(m, k) { l <- linear(m, k); max(plogis(l[1] + qnorm(.8) * l[2]), mean(l)) }
limits <- c(.07, .014)
root <- function(f) uniroot(f, c(log2(.5), log2(400)), tol = 1e-12)$root
point <- 2^max(root(function(d) linear(2^d, 3)[1] - qlogis(.07)), root(function(d) linear(2^d, 4)[1] - qlogis(.014)))
farthest <- 2^max(root(function(d) most(2^d, 3) - .07), root(function(d) most(2^d, 4) - .014))
low <- function(m, k) { l <- linear(m, k); l[1] - qnorm(.8) * l[2] }
nearest <- 2^max(root(function(d) low(2^d, 3) - qlogis(.07)), root(function(d) low(2^d, 4) - qlogis(.014)))
class <- floor(log2(trial$meters) / .5)
latency <- sapply(sort(unique(class), decreasing = TRUE), function(c) c(2^(c / 2), sum(class == c), median(trial$seconds[class == c])))

writeLines(paste0("{\n\"trials\":[", paste(apply(trial, 1, number), collapse = ","), "],\n\"weights\":", number(weights), ",\n\"meters\":", number(meters),
  ",\n\"curve\":[", paste(apply(curve, 2, number), collapse = ","), "],\n\"point\":", point, ",\n\"nearest\":", nearest, ",\n\"farthest\":", farthest,
  ",\n\"latency\":[", paste(apply(latency, 2, number), collapse = ","), "]\n}"), file.path(here, "charts.json"))
