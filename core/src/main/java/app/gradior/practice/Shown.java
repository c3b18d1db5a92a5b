package app.gradior.practice;

/**
 * What a spoon, a scale, a plate or a tongue shows of a practice pot. Figures that a cook would not have are NaN.
 *
 * @param kind how it was looked at
 * @param coatMm how thick the coat on a spoon's back is after one, three and ten seconds
 * @param lineS until a finger's line across that coat has closed; 60 for one that stays
 * @param figure seconds of a trail or a stream, grams on the scale, mm of the dipstick or of the ring; salt of a taste, g in 100 g
 * @param burnt how burnt it tastes, 0 to 1
 */
public record Shown(Deed.Kind kind, double[] coatMm, double lineS, double figure, double burnt) {}
