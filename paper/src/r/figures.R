# Every figure of an experiment, recalculated from the tables of its package alone.
#   Rscript figures.R FOLDER        prints measure, figure and value, a line each, tabs between
# FOLDER holds datapackage.json and the .csv files: the package, unpacked. It needs install.packages("mvtnorm"); survival comes with R.
# Methods: Welch 1947; Fisher 1935; Dunnett 1955 and 1980; Tukey 1949; Kramer 1956; Games & Howell 1976; Newcombe 1998;
# Andersen et al. 2003.
suppressMessages({
  library(mvtnorm)
  library(survival)
})
ROUNDING <- 1e-10

# ---- the package's tables

table_of <- function(folder, name) {
  file <- file.path(folder, paste0(name, ".csv"))
  if (!file.exists(file) || length(readLines(file, n = 2)) < 2) return(data.frame())
  read.csv(file, colClasses = "character", na.strings = "", check.names = FALSE)
}

said <- function(text, name) {
  found <- regmatches(text, regexec(paste0('"', name, '"\\s*:\\s*"([^"]*)"'), text))[[1]]
  if (length(found) == 2) found[2] else NULL
}

# `which` is the measure's row; the first unless another is named.
read_folder <- function(folder, which = 1) {
  text <- paste(readLines(file.path(folder, "datapackage.json"), warn = FALSE), collapse = " ")
  described <- list(layout = said(text, "layout"), comparison = said(text, "comparison"), startedOn = said(text, "startedOn"))
  measure <- as.list(table_of(folder, "measures")[which, ])
  seen <- table_of(folder, "observations")
  own <- seen$measure == measure$measure
  if (!is.null(measure$category) && !is.na(measure$category)) own <- own & !is.na(seen$category) & seen$category == measure$category
  list(
    plan = described, arms = table_of(folder, "arms"), units = table_of(folder, "units"),
    measure = measure, seen = seen[own, , drop = FALSE]
  )
}

# ---- one number a unit

live <- function(seen) {
  seen <- seen[!(seen$id %in% seen$replaces) & !is.na(seen$value), , drop = FALSE]
  seen$value <- as.numeric(seen$value)
  seen[order(seen$observed_on), , drop = FALSE]
}

curve_of <- function(seen, start, kind, when) {
  if (nrow(seen) == 0) return(data.frame(day = numeric(), value = numeric()))
  if (is.null(start) || is.na(start)) start <- min(seen$observed_on)
  seen$day <- as.numeric(as.Date(substr(seen$observed_on, 1, 10)) - as.Date(substr(start, 1, 10)))
  # Where the value of a planned day counts, what was read late for a walk is that walk's all the same.
  has_plan <- grepl("^day", when) && "planned_day" %in% names(seen)
  planned <- if (has_plan) suppressWarnings(as.numeric(seen$planned_day)) else rep(NA, nrow(seen))
  seen$day <- ifelse(is.na(planned), seen$day, planned)
  one <- if (kind %in% c("count", "harvest")) sum else mean
  days <- sort(unique(seen$day))
  data.frame(day = days, value = sapply(days, function(d) one(seen$value[seen$day == d])))
}

end_of <- function(curve, when) {
  n <- nrow(curve)
  if (n == 0) return(NA)
  if (when == "total") return(sum(curve$value))
  if (when == "area") return(if (n < 2) NA else sum(diff(curve$day) * (head(curve$value, -1) + tail(curve$value, -1)) / 2))
  if (when == "final") return(curve$value[n])
  at <- which(curve$day == as.numeric(sub("day ", "", when)))
  if (length(at)) curve$value[at] else NA
}

restricted_mean <- function(time, happened, tau) {
  fit <- survfit(Surv(time, happened) ~ 1)
  at <- c(0, fit$time[fit$time < tau], tau)
  sum(diff(at) * c(1, fit$surv[fit$time < tau]))
}

values_of <- function(package) {
  units <- package$units
  measure <- package$measure
  kind <- measure$kind
  when <- measure$when
  seen <- live(package$seen)
  compared <- compared_arms(package$arms)
  share <- kind == "count" && all(!is.na(units$sown))
  start_of <- function(u) {
    own <- units$started_on[units$unit == u]
    if (length(own) == 1 && !is.na(own)) own else package$plan$startedOn
  }
  curves <- lapply(units$unit, function(u) curve_of(seen[seen$unit == u, , drop = FALSE], start_of(u), kind, when))
  block <- units$block
  if (kind == "event") {
    keep <- sapply(curves, nrow) > 0 & units$status != "excluded"
    first <- sapply(curves, function(c) {
      i <- which(c$value > 0)
      if (length(i)) c$day[i[1]] else NA
    })
    last <- sapply(curves, function(c) if (nrow(c)) max(c$day) else NA)
    rows <- data.frame(
      unit = units$unit, arm = units$arm, block = block,
      time = ifelse(is.na(first), last, first), happened = !is.na(first)
    )[keep, ]
    ends <- sapply(compared, function(a) {
      own <- rows[rows$arm == a, ]
      if (nrow(own) == 0 || all(own$happened)) Inf else max(own$time)
    })
    tau <- min(ends)
    if (!is.finite(tau)) tau <- max(rows$time[rows$arm %in% compared])
    rows$value <- NA
    for (a in unique(rows$arm)) {
      at <- which(rows$arm == a)
      t <- rows$time[at]
      h <- rows$happened[at]
      n <- length(at)
      rows$value[at] <- if (all(h | t >= tau)) pmin(t, tau) else
        n * restricted_mean(t, h, tau) - (n - 1) * sapply(seq_len(n), function(i) restricted_mean(t[-i], h[-i], tau))
    }
    attr(rows, "tau") <- tau
    return(rows)
  }
  value <- sapply(curves, end_of, when = when)
  sown <- as.numeric(units$sown)
  keep <- !(units$status %in% c("lost", "excluded")) & !is.na(value)
  if (share) {
    keep <- keep & sown > 0 & value <= sown
    value <- value / sown
  }
  rows <- data.frame(unit = units$unit, arm = units$arm, block = block, value = value, sown = sown, stringsAsFactors = FALSE)[keep, ]
  attr(rows, "share") <- share
  rows
}

compared_arms <- function(arms) c(arms$arm[arms$role == "control"], arms$arm[arms$role == "treatment"])
# A container that holds one arm alone is what counts.
fold <- function(rows, units) {
  of <- units[!is.na(units$container), ]
  if (nrow(of) == 0 || !any(duplicated(of$container))) return(rows)
  if (any(tapply(of$arm, of$container, function(a) length(unique(a))) > 1)) return(rows)
  place <- ifelse(is.na(units$container), units$unit, units$container)[match(rows$unit, units$unit)]
  first <- !duplicated(place)
  folded <- rows[first, , drop = FALSE]
  folded$unit <- place[first]
  folded$value <- sapply(folded$unit, function(p) mean(rows$value[place == p]))
  folded
}

# ---- shuffles

# Share of all deals inside the strata in which the treated sum lies as far from its middle;
# NA where there are too many to walk through.
shuffle_p <- function(values, treated, stratum) {
  sums <- 0
  observed <- 0
  middle <- 0
  size <- 0
  count <- 1
  for (s in unique(stratum)) {
    v <- values[stratum == s]
    k <- sum(treated[stratum == s])
    if (k == 0 || k == length(v)) next
    own <- if (length(v) == 1) v else combn(length(v), k, function(i) sum(v[i]))
    count <- count * length(own)
    if (count > 3e6) return(NA)
    sums <- as.vector(outer(sums, own, "+"))
    observed <- observed + sum(v[treated[stratum == s]])
    middle <- middle + k * mean(v)
    size <- size + sum(abs(v))
  }
  if (count == 1) return(NULL)
  mean(abs(sums - middle) >= abs(observed - middle) - 1e-10 * size)
}

# Shuffled labels inside strata, many at once: values move, labels stay. `statistic` takes a matrix, a column a deal.
drawn_p <- function(values, stratum, statistic, draws = 20000) {
  dealt <- sapply(seq_len(draws), function(i) {
    y <- values
    for (s in unique(stratum)) {
      at <- which(stratum == s)
      y[at] <- y[at[sample.int(length(at))]]
    }
    y
  })
  # What is nothing but rounding is nothing.
  mean(statistic(dealt) >= max(statistic(matrix(values, ncol = 1)) * (1 - 1e-9) - 1e-20 * sum(values^2), 0))
}

# ---- several at once

# Density of the spread s of df degrees of freedom, as a share of the true one.
spread_density <- function(s, df) {
  2 * exp((df / 2) * log(df) + (df - 1) * log(s) - df * s^2 / 2 - (df / 2) * log(2) - lgamma(df / 2))
}

over_spreads <- function(f, df) {
  integrate(function(s) f(s) * spread_density(s, df), 1e-12, Inf, rel.tol = 1e-8, stop.on.error = FALSE)$value
}

max_modulus_p <- function(t, k, df) {
  if (t == 0) return(1)
  1 - over_spreads(function(s) (2 * pnorm(t * s) - 1)^k, df)
}

max_modulus_q <- function(k, df) uniroot(function(c) max_modulus_p(c, k, df) - 0.05, c(1, 5000), tol = 1e-9)$root
# Two or three comparisons: the box by its corners, each exact (TVPACK).
dunnett_p <- function(t, corr, df) {
  k <- nrow(corr)
  if (k == 1) return(2 * pt(-t, df))
  if (k > 3) {
    set.seed(1)
    by_draws <- GenzBretz(maxpts = 4e5, abseps = 1e-6, releps = 0)
    return(1 - pmvt(rep(-t, k), rep(t, k), df = round(df), corr = corr, algorithm = by_draws)[1])
  }
  corners <- as.matrix(expand.grid(rep(list(c(-1, 1)), k)))
  below <- function(sign) prod(sign) * pmvt(rep(-Inf, k), sign * t, df = df, corr = corr, algorithm = TVPACK(1e-10))[1]
  1 - sum(apply(corners, 1, below))
}
known <- new.env()
dunnett_q <- function(corr, df) {
  key <- paste(c(signif(corr, 12), df), collapse = " ")
  if (is.null(known[[key]])) known[[key]] <- dunnett_root(corr, df)
  known[[key]]
}

dunnett_root <- function(corr, df) {
  if (nrow(corr) == 1) return(qt(0.975, df))
  uniroot(function(c) dunnett_p(c, corr, df) - 0.05, c(1, 500), tol = 1e-7)$root
}

# R's own ptukey has nothing below two degrees of freedom: the range of normals, over the spread.
range_p <- function(q, k, df) {
  if (q == 0) return(1)
  over_spreads(function(s) ptukey(q * s, k, Inf, lower.tail = FALSE), df)
}

range_q <- function(k, df) uniroot(function(q) range_p(q, k, df) - 0.05, c(0.5, 2000), tol = 1e-8)$root

# ---- two means

wilson <- function(x, n, level = 0.95) {
  if (n == 0) return(c(NA, NA))
  as.numeric(suppressWarnings(prop.test(x, n, conf.level = level, correct = FALSE))$conf.int)
}

newcombe <- function(x1, n1, x2, n2, level) {
  a <- wilson(x1, n1, level)
  b <- wilson(x2, n2, level)
  p1 <- x1 / n1
  p2 <- x2 / n2
  c(p1 - p2 - sqrt((p1 - a[1])^2 + (b[2] - p2)^2), p1 - p2 + sqrt((a[2] - p1)^2 + (p2 - b[1])^2))
}

clean <- function(d, values) if (abs(d) <= ROUNDING * max(abs(values))) 0 else d
# Two arms inside strata with HC2 errors and Satterthwaite's degrees of freedom, by whole matrices.
direct_gap <- function(rows, arm, versus) {
  rows <- rows[rows$arm %in% c(arm, versus), ]
  both <- names(which(tapply(rows$arm, rows$stratum, function(a) length(unique(a))) == 2))
  rows <- rows[rows$stratum %in% both, ]
  if (length(both) == 0) return(NULL)
  t <- as.numeric(rows$arm == arm)
  n <- nrow(rows)
  S <- outer(rows$stratum, both, "==") * 1
  X <- cbind(t, S)
  XtXi <- solve(crossprod(X))
  H <- X %*% XtXi %*% t(X)
  b <- drop(XtXi %*% crossprod(X, rows$value))
  e <- drop(rows$value - X %*% b)
  free <- 1 - diag(H)
  w <- (XtXi %*% t(X))[1, ]
  # Each arm's mean over the strata, weighted as the difference weighs them.
  weight <- sapply(both, function(s) {
    k <- sum(t[rows$stratum == s])
    m <- sum(rows$stratum == s)
    k * (m - k) / m
  })
  weight <- weight / sum(weight)
  means <- sapply(c(1, 0), function(x) sum(weight * sapply(both, function(s) mean(rows$value[rows$stratum == s & t == x]))))
  gap <- list(
    value = clean(b[1], rows$value), treated = means[1], control = means[2],
    strata = length(both), fewest = min(sum(t), sum(1 - t)),
    error = NA, df = NA, vt = NA, vc = NA, cv = 0
  )
  if (any(free < 1e-9)) return(gap)
  part <- w^2 * e^2 / free
  if (sqrt(sum(part)) <= ROUNDING * max(abs(rows$value))) {
    gap$error <- 0
    return(gap)
  }
  gap$error <- sqrt(sum(part))
  # Satterthwaite for e'De with e = My and each arm's own spread for y.
  spread <- ifelse(t == 1, mean((e^2 / free)[t == 1]), mean((e^2 / free)[t == 0]))
  M <- diag(n) - H
  D <- diag(w^2 / free, n)
  V <- diag(spread, n)
  Q <- D %*% M %*% V %*% M
  gap$df <- sum(diag(Q))^2 / sum(Q * t(Q))
  if (all(table(rows$arm, rows$stratum)[, both, drop = FALSE] == 1) && length(both) > 1) {
    at <- sapply(both, function(s) c(rows$value[rows$stratum == s & t == 1], rows$value[rows$stratum == s & t == 0]))
    k <- length(both)
    gap$vt <- var(at[1, ]) / k
    gap$vc <- var(at[2, ]) / k
    gap$cv <- cov(at[1, ], at[2, ]) / k
  } else {
    gap$vt <- sum(part[t == 1])
    gap$vc <- sum(part[t == 0])
  }
  gap
}

# All arms at once with one spread, strata added.
fit_arms <- function(rows, arms) {
  S <- unique(rows$stratum)
  X <- cbind(1, outer(rows$arm, arms[-1], "==") * 1, outer(rows$stratum, S[-1], "==") * 1)
  q <- qr(X)
  keep <- q$pivot[seq_len(q$rank)]
  XtXi <- matrix(0, ncol(X), ncol(X))
  XtXi[keep, keep] <- solve(crossprod(X[, keep, drop = FALSE]))
  b <- drop(XtXi %*% crossprod(X, rows$value))
  e <- drop(rows$value - X %*% b)
  df <- nrow(X) - q$rank
  flat <- df <= 0 || sum(e^2) <= 1e-20 * sum(rows$value^2)
  H <- X %*% XtXi %*% t(X)
  weights <- function(arm) c(1, as.numeric(arms[-1] == arm), rep(1 / length(S), length(S) - 1))
  list(
    rows = rows, arms = arms, XtXi = XtXi, b = b, e = e, df = df,
    ms = if (flat) NA else sum(e^2) / df, H = H, X = X, weights = weights
  )
}

pooled_gap <- function(fit, wt, wc) {
  ms <- if (is.na(fit$ms)) 0 else fit$ms
  w <- wt - wc
  q <- function(a, b) drop(t(a) %*% fit$XtXi %*% b) * ms
  list(
    value = clean(sum(w * fit$b), fit$rows$value), treated = sum(wt * fit$b), control = sum(wc * fit$b),
    error = if (fit$df > 0) sqrt(max(0, q(w, w))) else NA, df = fit$df,
    vt = q(wt, wt), vc = q(wc, wc), cv = q(wt, wc), weights = w
  )
}

own_spreads <- function(fit) {
  M <- diag(nrow(fit$X)) - fit$H
  Z <- outer(fit$rows$arm, fit$arms, "==") * 1
  A <- t(Z) %*% (M^2) %*% Z
  list(spread = tryCatch(drop(solve(A, t(Z) %*% fit$e^2)), error = function(e) rep(-1, length(fit$arms))), df = diag(A))
}

# Whether two arms may be compared by the spread of all: neither looks much more variable than the rest.
spreads_alike <- function(fit) {
  if (fit$df <= 0) return(function(codes) FALSE)
  own <- own_spreads(fit)
  size <- sapply(fit$arms, function(a) sum(fit$rows$arm == a))
  restdf <- sapply(seq_along(fit$arms), function(i) sum(own$df[-i]))
  rest <- sapply(seq_along(fit$arms), function(i) sum((own$spread * own$df)[-i])) / restdf
  if (!all(own$df > 0 & restdf > 0)) return(function(codes) FALSE)
  like <- own$spread <= pmax(2.5, 1 + 7.5 / own$df) * rest
  odd <- rest <= 0 | pf(own$spread / rest, own$df, restdf, lower.tail = FALSE) < 0.01 / length(fit$arms)
  if (any(!like & odd)) return(function(codes) FALSE)
  function(codes) {
    i <- match(codes, fit$arms)
    min(size[i]) >= 4 && 2 * min(size[i]) >= max(size[i]) && all(like[i])
  }
}

ratio_of <- function(gap, critical) {
  if (!(gap$treated > 1e-12 * abs(gap$control)) || !(gap$control > 1e-12 * abs(gap$treated))) return(c(NA, NA, NA))
  r <- gap$treated / gap$control
  v <- gap$vt / gap$treated^2 + gap$vc / gap$control^2 - 2 * gap$cv / (gap$treated * gap$control)
  if (is.na(critical) || is.na(v)) return(c(r, NA, NA))
  c(r, r / exp(critical * sqrt(max(0, v))), r * exp(critical * sqrt(max(0, v))))
}

# ---- the verdict on figures

told <- function(row, by_p) {
  if (is.na(row$d) || is.na(row$p) || row$p > 0.05) return(FALSE)
  lo <- if (is.na(row$lo)) row$d else row$lo
  hi <- if (is.na(row$hi)) row$d else row$hi
  by_p || (if (row$d > 0) lo > 0 else hi < 0)
}

judge <- function(row, expected, m, by_p) {
  if (is.na(row$d) || is.na(row$p)) return("cannot-tell")
  turn <- if (expected == "less" || (expected == "different" && row$d < 0)) -1 else 1
  d <- turn * row$d
  ends <- if (is.na(row$lo)) c(row$d, row$d) else c(row$lo, row$hi)
  ends <- sort(turn * ends)
  m0 <- if (is.na(m)) 0 else m
  ruled_out <- !is.na(row$lo) && m0 > 0 && -m0 < ends[1] && ends[2] < m0 && !identical(row$alike, FALSE)
  if (expected == "alike") return(if (ruled_out) "no-difference-that-matters" else if (told(row, by_p)) "opposite" else "cannot-tell")
  if (told(row, by_p) && d > 0) return(if (ends[2] >= m0) "supported" else "small")
  if (told(row, by_p) && d < 0) return("opposite")
  if (ruled_out) "no-difference-that-matters" else "cannot-tell"
}
order_of_codes <- c("supported", "small", "opposite", "no-difference-that-matters", "cannot-tell")
order_of_alike <- c("opposite", "cannot-tell", "no-difference-that-matters")
first_of <- function(codes, expected) {
  order <- if (expected == "alike") order_of_alike else order_of_codes
  codes <- codes[codes %in% order]
  if (length(codes)) order[min(match(codes, order))] else "cannot-tell"
}

# ---- a whole package

figures <- function(package) {
  out <- list()
  put <- function(name, value) {
    if (length(value) != 1 || is.na(value)) return(invisible())
    if (is.character(value) || is.finite(value)) out[[name]] <<- unname(value)
  }
  put_interval <- function(name, ends) {
    put(paste(name, "lo"), ends[1])
    put(paste(name, "hi"), ends[2])
  }
  measure <- package$measure
  kind <- measure$kind
  layout <- if (is.null(package$plan$layout)) "completely-random" else package$plan$layout
  raw <- values_of(package)
  share <- isTRUE(attr(raw, "share"))
  tau <- attr(raw, "tau")
  rows <- fold(raw, package$units)
  if (nrow(rows) == 0) return(list())
  codes <- compared_arms(package$arms)
  control <- codes[1]
  is_whole <- layout == "completely-random" || (layout == "blocks" && all(is.na(rows$block)))
  rows$stratum <- if (is_whole) "all" else ifelse(is.na(rows$block), paste("alone", rows$unit), rows$block)
  m <- as.numeric(measure$smallest_difference)
  if (share) m <- m / 100
  by_measure <- c(better = "more", worse = "less", neither = "different")
  expected <- if (!is.null(measure$expected) && !is.na(measure$expected)) measure$expected else by_measure[[measure$higher_is]]
  all_pairs <- identical(package$plan$comparison, "all-pairs")
  pairs <- if (all_pairs) {
    g <- combn(codes, 2)
    lapply(seq_len(ncol(g)), function(i) c(g[2, i], g[1, i]))
  } else lapply(codes[-1], function(a) c(a, control))
  v <- function(a) rows$value[rows$arm == a]
  tally <- function(a) {
    own <- raw[raw$arm == a, ]
    c(sum(round(own$value * own$sown)), sum(own$sown))
  }

  for (a in package$arms$arm) {
    x <- v(a)
    name <- paste("arm", a)
    put(paste(name, "units"), length(x))
    if (kind == "event") {
      own <- raw[raw$arm == a, ]
      put(paste(name, "events"), sum(own$happened))
      if (nrow(own)) {
        put(paste(name, "restricted mean"), restricted_mean(own$time, own$happened, tau))
        fit <- survfit(Surv(own$time, own$happened) ~ 1)
        put(paste(name, "median"), quantile(fit, 0.5, conf.int = FALSE))
      }
      next
    }
    if (length(x) == 0) next
    put(paste(name, "mean"), mean(x))
    put(paste(name, "median"), median(x))
    if (length(x) > 1) put(paste(name, "sd"), sd(x))
    if (share) put_interval(name, wilson(tally(a)[1], tally(a)[2]))
    else if (length(x) > 1) put_interval(name, if (sd(x) <= 1e-12 * abs(mean(x))) rep(mean(x), 2) else as.numeric(t.test(x)$conf.int))
  }

  rows <- rows[rows$arm %in% codes, ]
  if (kind == "rating") compare <- rated(rows, pairs, codes, layout, m, put, put_interval)
  else if (share && all(sapply(codes, function(a) length(v(a))) <= 1)) compare <- lone_shares(pairs, codes, tally, put)
  else compare <- by_means(rows, pairs, codes, layout, all_pairs, m, package$arms, put, put_interval)
  compared <- compare$rows
  if (share && !isTRUE(compare$lone)) {
    for (i in seq_along(compared)) if (!is.na(compared[[i]]$p)) {
      a <- tally(pairs[[i]][1])
      b <- tally(pairs[[i]][2])
      floor <- newcombe(a[1], a[2], b[1], b[2], 1 - 0.05 / length(pairs))
      ends <- if (is.na(compared[[i]]$lo)) floor else c(compared[[i]]$lo, compared[[i]]$hi)
      compared[[i]]$lo <- max(-1, min(ends[1], floor[1]))
      compared[[i]]$hi <- min(1, max(ends[2], floor[2]))
    }
  }
  if (share) pooled_counts(pairs, codes, tally, put)
  if (kind == "event") log_ranks(raw[raw$arm %in% codes, ], pairs, codes, layout, put)

  by_p <- kind == "rating"
  verdicts <- character()
  for (i in seq_along(pairs)) {
    pair <- pairs[[i]]
    row <- compared[[i]]
    name <- paste0(pair[1], "-", pair[2])
    if (length(v(pair[1])) == 1 || length(v(pair[2])) == 1) row$p <- NA
    put(paste(name, "difference"), row$d)
    put_interval(name, c(row$lo, row$hi))
    put(paste(name, "p"), row$p)
    if (!is.null(row$ratio)) {
      put(paste(name, "ratio"), row$ratio[1])
      put_interval(paste(name, "ratio"), row$ratio[2:3])
    }
    if (!is.null(row$superiority)) put(paste(name, "superiority"), row$superiority)
    code <- if (pair[2] == control) judge(row, expected, m, by_p) else if (told(row, by_p)) "told-apart" else {
      own <- judge(row, "different", m, by_p)
      if (own == "no-difference-that-matters") own else "cannot-tell"
    }
    put(paste(name, "verdict"), code)
    if (pair[2] == control) verdicts <- c(verdicts, code)
  }
  if (length(compare$effects)) {
    verdicts <- character()
    for (row in compare$effects) {
      code <- judge(row, expected, m, by_p)
      put(paste(row$name, "verdict"), code)
      verdicts <- c(verdicts, code)
    }
  }
  put("verdict", first_of(verdicts, expected))
  out
}

nothing <- list(d = NA, lo = NA, hi = NA, p = NA)
row_of <- function(gap, critical, p) {
  half <- if (is.na(gap$error) || gap$error == 0) NA else critical * gap$error
  list(d = gap$value, lo = gap$value - half, hi = gap$value + half, p = p, ratio = ratio_of(gap, if (is.na(half)) NA else critical))
}

shuffle_row <- function(put, name, p) { if (!is.null(p) && !is.na(p)) put(paste(name, "p"), p) }

# `beside` FALSE leaves out what only stands beside the judgement.
by_means <- function(rows, pairs, codes, layout, all_pairs, m, arms, put, put_interval, beside = TRUE) {
  present <- codes[codes %in% rows$arm]
  if (length(present) < 2) return(list(rows = lapply(pairs, function(p) nothing)))
  if (beside) terms(rows, codes, arms, layout, put)
  if (length(codes) == 2) return(list(rows = list(two_means(rows, pairs[[1]], layout, m, put, put_interval))))
  fit <- fit_arms(rows, present)
  if (beside && fit$df > 0 && !is.na(fit$ms)) overall(rows, present, layout, put)
  if (beside) trends(rows, arms, put, put_interval)
  known <- sapply(pairs, function(p) all(p %in% present) && joined(rows, p))
  usable <- pairs[known]
  k <- length(usable)
  gaps <- lapply(usable, function(p) pooled_gap(fit, fit$weights(p[1]), fit$weights(p[2])))
  W <- sapply(gaps, function(g) g$weights)
  corr <- if (k > 1) cov2cor(t(W) %*% fit$XtXi %*% W) else matrix(1)
  n_all <- length(present)
  tukey <- list(q = function(df) range_q(n_all, df) / sqrt(2), p = function(t, df) range_p(t * sqrt(2), n_all, df))
  pooled <- if (all_pairs) tukey else list(q = function(df) dunnett_q(corr, df), p = function(t, df) dunnett_p(t, corr, df))
  apart <- if (all_pairs) tukey else list(q = function(df) max_modulus_q(k, df), p = function(t, df) max_modulus_p(t, k, df))
  method <- if (all_pairs) c("tukey", "games-howell") else c("dunnett", "dunnett-t3")
  test_row <- function(name, pair, gap, held) if (!is.null(gap) && !is.na(gap$error) && gap$error > 0) {
    name <- paste(name, paste0(pair[1], "-", pair[2]))
    t <- gap$value / gap$error
    put(paste(name, "statistic"), if (all_pairs) abs(t) * sqrt(2) else t)
    put(paste(name, "df1"), gap$df)
    put(paste(name, "p"), held$p(abs(t), gap$df))
    put(paste(name, "difference"), gap$value)
    put_interval(name, gap$value + c(-1, 1) * held$q(gap$df) * gap$error)
  }
  alike <- spreads_alike(fit)
  enough <- if (layout == "completely-random") 1 else 2
  done <- list()
  for (i in seq_along(pairs)) {
    pair <- pairs[[i]]
    at <- match(list(pair), usable)
    if (is.na(at)) {
      done[[i]] <- if (all(pair %in% present)) only_means(rows, pair) else nothing
      next
    }
    own <- direct_gap(rows, pair[1], pair[2])
    if (beside) {
      test_row(method[1], pair, gaps[[at]], pooled)
      test_row(method[2], pair, own, apart)
    }
    if (alike(pair) || is.null(own) || own$strata < enough) {
      gap <- gaps[[at]]
      held <- pooled
    }
    else {
      gap <- own
      held <- apart
      if (gap$fewest %in% 2:3) gap$df <- 2 / (1 / gap$df + 1 / (gap$fewest - 1))
    }
    p <- if (is.na(gap$error)) NA
      else if (gap$error > 0) held$p(abs(gap$value / gap$error), gap$df)
      else if (gap$value == 0) 1
      else largest_gap(rows, present, abs(gap$value))
    done[[i]] <- row_of(gap, if (is.na(gap$error) || gap$error == 0) NA else held$q(gap$df), p)
  }
  list(rows = done, effects = factor_effects(fit, arms, alike, put, put_interval))
}

joined <- function(rows, pair) {
  reach <- pair[1]
  repeat {
    strata <- unique(rows$stratum[rows$arm %in% reach])
    more <- unique(rows$arm[rows$stratum %in% strata])
    if (all(more %in% reach)) break
    reach <- union(reach, more)
  }
  pair[2] %in% reach
}

largest_gap <- function(rows, present, gap) {
  set.seed(2)
  Z <- outer(rows$arm, present, "==") / rep(table(rows$arm)[present], each = nrow(rows))
  dealt <- sapply(1:20000, function(i) sample(rows$value))
  means <- t(Z) %*% dealt
  mean(apply(means, 2, function(x) diff(range(x))) >= gap * (1 - 1e-9))
}

# Two arms that cannot be compared: how far apart they came, and no more.
only_means <- function(rows, pair) {
  mean_of <- function(arm) mean(rows$value[rows$arm == arm])
  modifyList(nothing, list(d = mean_of(pair[1]) - mean_of(pair[2])))
}

two_means <- function(rows, pair, layout, m, put, put_interval) {
  own <- direct_gap(rows, pair[1], pair[2])
  name <- paste0(pair[1], "-", pair[2])
  if (is.null(own)) return(if (layout == "pairs") nothing else only_means(rows, pair))
  gap <- own
  if (layout == "blocks") {
    fit <- fit_arms(rows, c(pair[2], pair[1]))
    if (spreads_alike(fit)(pair)) gap <- pooled_gap(fit, fit$weights(pair[1]), fit$weights(pair[2]))
  }
  treated <- rows$arm == pair[1]
  p <- shuffle_p(rows$value, treated, rows$stratum)
  shuffle_row(put, paste(if (layout == "pairs") "sign-flip" else "randomisation", name), p)
  if (layout != "blocks" && !is.na(gap$error) && gap$error > 0) {
    method <- paste(if (layout == "pairs") "paired-t" else "welch-t", name)
    x <- rows$value[treated]
    y <- rows$value[!treated]
    if (layout == "pairs") {
      both <- intersect(rows$stratum[treated], rows$stratum[!treated])
      x <- x[match(both, rows$stratum[treated])]
      y <- y[match(both, rows$stratum[!treated])]
    }
    h <- t.test(x, y, paired = layout == "pairs")
    put(paste(method, "statistic"), h$statistic)
    put(paste(method, "df1"), h$parameter)
    put(paste(method, "p"), h$p.value)
    put(paste(method, "difference"), mean(x) - mean(y))
    put_interval(method, h$conf.int)
  }
  row <- row_of(gap, if (is.na(gap$error) || gap$error == 0) NA else qt(0.975, gap$df), if (is.null(p)) NA else p)
  row$alike <- alike_by(rows$value, treated, rows$stratum, m, row)
  row
}

alike_by <- function(values, treated, stratum, m, row, as = identity) {
  if (is.na(m) || is.na(row$lo) || row$lo <= -m || row$hi >= m) return(NULL)
  out <- sapply(c(m, -m), function(by) {
    y <- values + by * treated
    for (s in unique(stratum)) y[stratum == s] <- as(y[stratum == s])
    p <- shuffle_p(y, treated, stratum)
    !is.null(p) && !is.na(p) && p <= 0.05
  })
  all(out)
}

terms <- function(rows, codes, arms, layout, put) {
  if (layout == "pairs") return()
  factors <- grep("^factor_", names(arms), value = TRUE)
  f <- data.frame(y = rows$value, block = factor(rows$stratum), arm = factor(rows$arm))
  for (name in factors) f[[sub("factor_", "", name)]] <- factor(arms[[name]][match(rows$arm, arms$arm)])
  named <- sub("factor_", "", factors)
  sets <- if (length(named) > 1) list(named[1], named[2], named) else list("arm")
  if (layout == "blocks" && nlevels(f$block) > 1) sets <- c(list("block"), sets)
  if (length(codes) == 2 && layout == "completely-random") return()
  term <- function(s) paste(s, collapse = ":")
  rhs <- function(keep) if (length(keep)) paste(sapply(keep, term), collapse = " + ") else "1"
  usable <- sets[sapply(sets, function(s) all(sapply(s, function(n) nlevels(droplevels(f[[n]])) > 1)))]
  rss <- function(keep) {
    fit <- lm(as.formula(paste("y ~", rhs(keep))), f)
    c(sum(resid(fit)^2), fit$df.residual)
  }
  full <- rss(usable)
  put("term residual df", full[2])
  put("term residual squares", full[1])
  flat <- full[2] <= 0 || full[1] <= 1e-20 * sum(f$y^2)
  for (s in usable) {
    others <- usable[sapply(usable, function(o) !(all(s %in% o)))]
    without <- rss(others)
    with <- rss(c(others, list(s)))
    df <- without[2] - with[2]
    if (df == 0) next
    ss <- max(0, without[1] - with[1])
    name <- paste("term", term(s))
    put(paste(name, "df"), df)
    put(paste(name, "squares"), ss)
    if (!flat) {
      F <- ss / df / (full[1] / full[2])
      put(paste(name, "F"), F)
      put(paste(name, "p"), pf(F, df, full[2], lower.tail = FALSE))
      if (identical(s, "arm")) {
        put("anova statistic", F)
        put("anova df1", df)
        put("anova df2", full[2])
        put("anova p", pf(F, df, full[2], lower.tail = FALSE))
      }
    }
  }
}

overall <- function(rows, present, layout, put) {
  varies <- tapply(rows$value, rows$arm, function(x) diff(range(x)) > 1e-9)
  if (length(present) > 1 && layout == "completely-random" && all(table(rows$arm)[present] > 1) && all(varies[present])) {
    w <- oneway.test(value ~ arm, rows)
    put("welch-anova statistic", w$statistic)
    put("welch-anova df1", w$parameter[1])
    put("welch-anova df2", w$parameter[2])
    put("welch-anova p", w$p.value)
  }
  # F rises with what the arms take from the residuals of the strata.
  S <- outer(rows$stratum, unique(rows$stratum), "==") * 1
  Z <- outer(rows$arm, present, "==") * 1
  sweep_out <- function(A) A - S %*% solve(crossprod(S), crossprod(S, A))
  q <- qr(sweep_out(Z))
  Q <- qr.Q(q)[, seq_len(q$rank), drop = FALSE]
  if (q$rank == 0) return()
  set.seed(3)
  put("randomisation p drawn", drawn_p(sweep_out(matrix(rows$value))[, 1], rows$stratum, function(Y) colSums((t(Q) %*% Y)^2)))
}

trends <- function(rows, arms, put, put_interval) {
  dose <- as.numeric(arms$dose)[match(rows$arm, arms$arm)]
  if (sum(!is.na(arms$dose)) < 3) return()
  f <- data.frame(y = rows$value, x = dose, s = factor(rows$stratum))[!is.na(dose), ]
  tried <- length(unique(f$x))
  if (tried < 3) return()
  more <- if (nlevels(f$s) > 1) "+ s" else ""
  line <- lm(as.formula(paste("y ~ x", more)), f)
  a <- summary(line)$coefficients["x", ]
  put("trend slope", coef(line)[["x"]])
  if (line$df.residual > 0 && sum(resid(line)^2) > 1e-20 * sum(f$y^2)) {
    put_interval("trend", confint(line)["x", ])
    put("trend p", a[4])
    put("trend statistic", a[3])
    put("trend df1", line$df.residual)
  }
  if (tried < 4) return()
  z <- f$x
  curve <- lm(as.formula(paste("y ~ x + I(x^2)", more)), f)
  b <- coef(curve)[["x"]]
  c <- coef(curve)[["I(x^2)"]]
  if (curve$df.residual <= 0 || sum(resid(curve)^2) <= 1e-20 * sum(f$y^2)) return()
  put("trend curve p", summary(curve)$coefficients["I(x^2)", 4])
  top <- -b / (2 * c)
  if (top < min(z) || top > max(z)) return()
  put("trend turning point", top)
  g <- c(-1 / (2 * c), b / (2 * c^2))
  V <- vcov(curve)[c("x", "I(x^2)"), c("x", "I(x^2)")]
  put_interval("trend turning point", top + c(-1, 1) * qt(0.975, curve$df.residual) * sqrt(drop(t(g) %*% V %*% g)))
}

factor_effects <- function(fit, arms, alike, put, put_interval) {
  factors <- grep("^factor_", names(arms), value = TRUE)
  if (length(factors) < 2 || !all(arms$arm %in% fit$arms)) return(list())
  own <- own_spreads(fit)
  same <- alike(fit$arms)
  all_effects <- list()
  for (f in factors) {
    level <- arms[[f]]
    names_of <- unique(level)
    k <- length(names_of) - 1
    mean_of <- function(l) rowMeans(sapply(arms$arm[level == l], fit$weights))
    # Three levels or more of one factor are held together.
    q <- function(df) if (k == 1) qt(0.975, df) else max_modulus_q(k, df)
    p_of <- function(t, df) if (k == 1) 2 * pt(-t, df) else max_modulus_p(t, k, df)
    for (l in names_of[-1]) {
      w <- mean_of(l) - mean_of(names_of[1])
      d <- clean(sum(w * fit$b), fit$rows$value)
      u <- drop(fit$X %*% (fit$XtXi %*% w))
      name <- paste("effect", sub("factor_", "", f), paste0(l, "-", names_of[1]))
      by_arm <- sapply(fit$arms, function(a) sum(u[fit$rows$arm == a]^2))
      if (same) {
        v <- sum(by_arm) * fit$ms
        df <- fit$df
      } else {
        part <- by_arm * pmax(0, own$spread)
        v <- sum(part)
        df <- v^2 / sum(part^2 / pmax(1, own$df))
      }
      row <- modifyList(nothing, list(d = d, name = name))
      put(paste(name, "difference"), d)
      if (!is.na(fit$ms) && !is.na(v) && v > 0) {
        se <- sqrt(v)
        row$lo <- d - q(df) * se
        row$hi <- d + q(df) * se
        row$p <- p_of(abs(d / se), df)
        put_interval(name, c(row$lo, row$hi))
        put(paste(name, "p"), row$p)
      }
      all_effects[[length(all_effects) + 1]] <- row
    }
  }
  all_effects
}

rated <- function(rows, pairs, codes, layout, m, put, put_interval) {
  blocked <- layout != "completely-random"
  k <- length(pairs)
  if (length(codes) > 2 && all(codes %in% rows$arm) && diff(range(rows$value)) > 0) {
    h <- kruskal.test(rows$value, factor(rows$arm))
    put("kruskal-wallis statistic", h$statistic)
    put("kruskal-wallis df1", h$parameter)
    put("kruskal-wallis p", h$p.value)
  }
  done <- lapply(pairs, function(pair) {
    own <- rows[rows$arm %in% pair, ]
    x <- own$value[own$arm == pair[1]]
    y <- own$value[own$arm == pair[2]]
    name <- paste0(pair[1], "-", pair[2])
    if (!length(x) || !length(y)) return(nothing)
    gaps <- sort(outer(x, y, "-"))
    n <- length(gaps)
    ties <- any(duplicated(c(x, y)))
    exact <- !ties && length(x) <= 20 && length(y) <= 20
    h <- suppressWarnings(wilcox.test(x, y, exact = exact, correct = TRUE))
    put(paste("mann-whitney", name, "statistic"), h$statistic)
    put(paste("mann-whitney", name, "p"), if (is.na(h$p.value)) 1 else h$p.value)
    a <- 0.05 / k
    cut <- if (exact) {
      q <- qwilcox(a / 2, length(x), length(y))
      if (pwilcox(q, length(x), length(y)) > a / 2) q <- q - 1
      q + 1
    } else {
      r <- table(c(x, y))
      N <- length(x) + length(y)
      s <- sqrt(length(x) * length(y) / 12 * (N + 1 - sum(r^3 - r) / (N * (N - 1))))
      if (is.na(s) || s == 0) 0 else max(0, round(n / 2 - qnorm(1 - a / 2) * s))
    }
    ends <- if (cut > 0) c(gaps[cut], gaps[n + 1 - cut]) else c(NA, NA)
    rank_in <- own$value
    for (s in unique(own$stratum)) rank_in[own$stratum == s] <- rank(own$value[own$stratum == s])
    p <- shuffle_p(rank_in, own$arm == pair[1], own$stratum)
    shuffle_row(put, paste(if (layout == "pairs") "sign-flip" else "randomisation", name), p)
    row <- list(
      d = median(gaps), lo = ends[1], hi = ends[2], p = if (is.null(p)) NA else p,
      superiority = mean((gaps > 0) + (gaps == 0) / 2)
    )
    if (k == 1) row$alike <- alike_by(own$value, own$arm == pair[1], own$stratum, m, row, rank)
    row
  })
  if (k > 1) {
    p <- sapply(done, function(r) r$p)
    known <- !is.na(p)
    p[known] <- p.adjust(p[known], "holm")
    for (i in seq_along(done)) done[[i]]$p <- p[i]
  }
  list(rows = done)
}

lone_shares <- function(pairs, codes, tally, put) list(lone = TRUE, rows = lapply(pairs, function(pair) {
  a <- tally(pair[1])
  b <- tally(pair[2])
  if (a[2] == 0 || b[2] == 0) return(nothing)
  ends <- newcombe(a[1], a[2], b[1], b[2], 1 - 0.05 / length(pairs))
  pa <- a[1] / a[2]
  pb <- b[1] / b[2]
  shares <- list(treated = pa, control = pb, vt = pa * (1 - pa) / a[2], vc = pb * (1 - pb) / b[2], cv = 0)
  list(d = pa - pb, lo = ends[1], hi = ends[2], p = NA, ratio = ratio_of(shares, qnorm(1 - 0.025 / length(pairs))))
}))
pooled_counts <- function(pairs, codes, tally, put) {
  for (pair in pairs) {
    a <- tally(pair[1])
    b <- tally(pair[2])
    if (a[2] == 0 || b[2] == 0) next
    name <- paste("fisher-exact", paste0(pair[1], "-", pair[2]))
    put(paste(name, "p"), fisher.test(matrix(c(a[1], a[2] - a[1], b[1], b[2] - b[1]), 2))$p.value)
    odds <- a[1] * (b[2] - b[1]) / ((a[2] - a[1]) * b[1])
    put(paste(name, "statistic"), if (is.finite(odds)) odds else a[1])
  }
  if (length(codes) > 2) {
    all <- sapply(codes, tally)
    all <- all[, all[2, ] > 0, drop = FALSE]
    if (ncol(all) > 1 && sum(all[1, ]) > 0 && sum(all[1, ]) < sum(all[2, ])) {
      h <- suppressWarnings(chisq.test(rbind(all[1, ], all[2, ] - all[1, ]), correct = FALSE))
      put("chi-square statistic", h$statistic)
      put("chi-square df1", h$parameter)
      put("chi-square p", h$p.value)
    }
  }
}

log_ranks <- function(raw, pairs, codes, layout, put) {
  one <- function(own, name) {
    if (!any(own$happened) || length(unique(own$arm)) < 2) return()
    f <- if (layout == "completely-random") Surv(time, happened) ~ arm
      else Surv(time, happened) ~ arm + strata(ifelse(is.na(block), "none", block))
    h <- tryCatch(survdiff(f, own), error = function(e) NULL)
    if (is.null(h) || h$chisq < 0) return()
    df <- length(unique(own$arm)) - 1
    put(paste(name, "statistic"), h$chisq)
    put(paste(name, "df1"), df)
    put(paste(name, "p"), pchisq(h$chisq, df, lower.tail = FALSE))
  }
  if (length(codes) > 2) one(raw, "log-rank")
  for (pair in pairs) one(raw[raw$arm %in% pair, ], paste("log-rank", paste0(pair[1], "-", pair[2])))
}

# ---- run by itself

if (sys.nframe() == 0) {
  folder <- commandArgs(trailingOnly = TRUE)[1]
  if (is.na(folder)) stop("Rscript figures.R FOLDER, where FOLDER holds datapackage.json")
  measures <- table_of(folder, "measures")
  for (i in seq_len(nrow(measures))) {
    if (measures$kind[i] == "derived") {
      cat(measures$measure[i], "not reckoned here", "a formula of other measures", sep = "\t")
      cat("\n")
      next
    }
    all <- figures(read_folder(folder, i))
    for (name in names(all)) {
      figure <- all[[name]]
      cat(measures$measure[i], "\t", name, "\t", if (is.numeric(figure)) format(figure, digits = 15) else figure, "\n", sep = "")
    }
  }
}
