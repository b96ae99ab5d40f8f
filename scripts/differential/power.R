# The chance of a clear answer on the designs of designs.json, each played through and judged by R alone.
# Rscript power.R DESIGNS.json OUT.json — same packages as reference.R, whose judgement it uses.
here <- dirname(sub("^--file=", "", grep("^--file=", commandArgs(FALSE), value = TRUE)))
suppressMessages(library(jsonlite))
source(file.path(here, "..", "..", "paper", "src", "r", "figures.R"))
args <- commandArgs(trailingOnly = TRUE)
none <- function(...) invisible()

drawn <- function(d) {
  arms <- rep(d$arms, each = d$units); n <- length(arms)
  moved <- if (length(d$factors)) d$factors$mulch[match(arms, d$arms)] == "deep" else arms == d$arms[2]
  middle <- d$control + moved * d$difference
  value <- if (d$kind == "count") { between <- sqrt(pmax(0, d$spread^2 - middle * (1 - middle) / d$sown)); own <- pmin(1, pmax(0, rnorm(n, middle, between))); rbinom(n, d$sown, own) / d$sown }
    else if (d$kind == "rating") pmin(5, pmax(0, round(rnorm(n, middle, d$spread))))
    else round(rnorm(n, middle, d$spread), 2)
  at <- rep(seq_len(d$units) - 1, length(d$arms))
  data.frame(unit = seq_len(n), arm = arms, value = value, stratum = if (d$layout == "completely-random") "all" else if (d$layout == "pairs") at else at %% d$blocks)
}
clear <- function(d) {
  rows <- drawn(d); arms <- data.frame(arm = d$arms, dose = NA); for (f in names(d$factors)) arms[[paste0("factor_", f)]] <- d$factors[[f]]
  all_pairs <- d$comparison == "all-pairs"
  pairs <- if (all_pairs) { g <- combn(d$arms, 2); lapply(seq_len(ncol(g)), function(i) c(g[2, i], g[1, i])) } else lapply(d$arms[-1], function(a) c(a, d$arms[1]))
  found <- if (d$kind == "rating") rated(rows, pairs, d$arms, d$layout, NA, none, none)
    else by_means(rows, pairs, d$arms, d$layout, all_pairs, NA, arms, none, none, beside = FALSE)
  row <- if (length(found$effects)) found$effects[[1]] else found$rows[[1]]
  if (d$kind == "count" && !is.na(row$p)) { tally <- function(a) c(sum(round(rows$value[rows$arm == a] * d$sown)), d$units * d$sown)
    a <- tally(d$arms[2]); b <- tally(d$arms[1]); floor <- newcombe(a[1], a[2], b[1], b[2], 1 - 0.05 / length(pairs))
    row$lo <- if (is.na(row$lo)) floor[1] else min(row$lo, floor[1]); row$hi <- if (is.na(row$hi)) floor[2] else max(row$hi, floor[2]) }
  judge(row, "more", d$difference, d$kind == "rating") %in% c("supported", "small")
}
designs <- fromJSON(args[1], simplifyVector = TRUE, simplifyDataFrame = FALSE)
out <- lapply(designs, function(d) { set.seed(1); mean(replicate(d$runs, clear(d))) })
write(toJSON(out, auto_unbox = TRUE, digits = 6), args[2])
