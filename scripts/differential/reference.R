# Rscript reference.R FOLDER OUT.json: the figures of every package in the folder, by R.
here <- dirname(sub("^--file=", "", grep("^--file=", commandArgs(FALSE), value = TRUE)))
suppressMessages(library(jsonlite)) # Debian: r-base-core r-recommended r-cran-jsonlite r-cran-mvtnorm
source(file.path(here, "..", "..", "paper", "src", "r", "figures.R"))
args <- commandArgs(trailingOnly = TRUE)
folders <- list.dirs(args[1], recursive = FALSE)
all <- lapply(folders, function(folder) tryCatch(figures(read_folder(folder)), error = function(e) list(failed = conditionMessage(e))))
names(all) <- basename(folders)
write(toJSON(all, auto_unbox = TRUE, digits = 12), args[2])
