# Writes the series that come with R and its package nlme: Rscript export.R
library(nlme)

export <- function(file, animal, time, size)
  write.csv(data.frame(animal = as.character(animal), time = time, size = size), file, row.names = FALSE, quote = FALSE)

chicks <- as.data.frame(ChickWeight)
export("chicks-diet-1.csv", chicks$Chick[chicks$Diet == 1], chicks$Time[chicks$Diet == 1], chicks$weight[chicks$Diet == 1])
export("chicks-other-diets.csv", chicks$Chick[chicks$Diet != 1], chicks$Time[chicks$Diet != 1], chicks$weight[chicks$Diet != 1])
export("loblolly.csv", Loblolly$Seed, Loblolly$age, Loblolly$height)
export("orange.csv", Orange$Tree, Orange$age, Orange$circumference)
export("rats.csv", BodyWeight$Rat, BodyWeight$Time, BodyWeight$weight)
export("soybean.csv", Soybean$Plot, Soybean$Time, Soybean$weight)
