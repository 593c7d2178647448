# Reference fits, made with R 4.2, MASS and ordinal; writes reference.json and wine.json beside this file.
# Rscript core/tests/Response/reference/fits.R
library(MASS)
here <- dirname(sub("--file=", "", grep("--file=", commandArgs(), value = TRUE)))
number <- function(x) paste0("[", paste(trimws(formatC(x, digits = 12, format = "g")), collapse = ","), "]")
rows <- function(x, y) paste0("[", paste(sapply(seq_along(y), function(i) paste0("{\"x\":", number(x[i, ]), ",\"y\":", y[i], "}")), collapse = ","), "]")

# 1. pulse and height against how much a student exercises (MASS::survey)
survey2 <- na.omit(survey[, c("Exer", "Pulse", "Height")])
survey2$Exer <- factor(survey2$Exer, levels = c("None", "Some", "Freq"), ordered = TRUE)
survey2$p <- (survey2$Pulse - 70) / 10
survey2$h <- (survey2$Height - 170) / 10
exercise <- polr(Exer ~ p + h, data = survey2, Hess = TRUE, control = list(reltol = 1e-14))

# 2. quarter of weight by feed (datasets::chickwts)
quarter <- cut(chickwts$weight, quantile(chickwts$weight), include.lowest = TRUE, ordered_result = TRUE)
feed <- model.matrix(~ feed, chickwts)[, -1]
weights <- polr(quarter ~ feed, Hess = TRUE, control = list(reltol = 1e-14))

# 3. penalized: the product's own posterior, written down a second time and maximized by a general optimizer
x <- cbind(c(-3, -2.5, -2, -1.5, -1, -3, -2, -1, -0.5, -2.2), c(0, 0.25, 0.5, 0, -0.25, 0.25, 0.5, 0, 0.75, -0.25))
y <- rbind(c(5, 2, 0, 0, 0), c(3, 3, 1, 0, 0), c(2, 2, 2, 0, 0), c(1, 3, 2, 1, 0), c(0, 2, 2, 1, 1),
           c(4, 1, 0, 0, 0), c(2, 3, 0, 0, 0), c(1, 1, 2, 1, 0), c(0, 0, 1, 2, 1), c(3, 1, 0, 0, 0))
group <- c(1, 1, 1, 1, 1, 2, 2, 2, 2, 3)
posterior <- function(p) {
  top <- p[1]; gaps <- exp(p[2:4]); beta <- exp(p[5:6]); u <- p[7:9]
  cuts <- c(top - sum(gaps), top - gaps[2] - gaps[3], top - gaps[3], top)
  eta <- drop(x %*% beta) + u[group]
  atLeast <- cbind(1, plogis(outer(eta, cuts, "-")), 0)
  chance <- atLeast[, 1:5] - atLeast[, 2:6]
  # gaps and slopes count by the densities of their logarithms
  sum(y * log(chance)) - top^2 / (2 * 1.3^2) +
    sum(dgamma(gaps, 8, 8 / c(2.1, 1.6, 1.3), log = TRUE)) + sum(dgamma(beta, c(8, 3), c(8 / 2.2222, 3 / 1.5), log = TRUE)) -
    sum((u - c(0, 0, 1))^2) / 2 + sum(log(c(gaps, beta)))
}
best <- list(par = c(0, log(c(2, 1.5, 1.2)), log(c(2, 1)), 0, 0, 0))
for (i in 1:20) best <- optim(best$par, posterior, method = "BFGS", control = list(fnscale = -1, reltol = 1e-16, maxit = 1000))

writeLines(paste0("{\n\"exercise\":{\"rows\":", rows(as.matrix(survey2[, c("p", "h")]), as.integer(survey2$Exer) - 1),
  ",\"slopes\":", number(coef(exercise)), ",\"cuts\":", number(exercise$zeta), ",\"errors\":", number(sqrt(diag(vcov(exercise)))[1:2]), ",\"deviance\":", number(exercise$deviance), "},\n",
  "\"weights\":{\"rows\":", rows(feed, as.integer(quarter) - 1), ",\"slopes\":", number(coef(weights)), ",\"cuts\":", number(weights$zeta), ",\"errors\":", number(sqrt(diag(vcov(weights)))[1:5]), ",\"deviance\":", number(weights$deviance), "},\n",
  "\"penalized\":{\"x\":[", paste(apply(x, 1, number), collapse = ","), "],\"y\":[", paste(apply(y, 1, number), collapse = ","), "],\"group\":", number(group - 1),
  ",\"theta\":", number(c(best$par[1], exp(best$par[2:6]))), ",\"offsets\":", number(best$par[7:9]), "}\n}"), file.path(here, "reference.json"))

if (requireNamespace("ordinal", quietly = TRUE)) {
  data(wine, package = "ordinal")
  writeLines(paste0("[", paste(sprintf("[%d,%d,%d,%d]", as.integer(wine$temp == "warm"), as.integer(wine$contact == "yes"), as.integer(wine$judge), as.integer(wine$rating)), collapse = ","), "]"), file.path(here, "wine.json"))
}
