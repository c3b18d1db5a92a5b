package app.gradior.batch;

import org.jspecify.annotations.Nullable;

/**
 * An ingredient as programs name it: a line, or a food and its mass.
 *
 * @param line as on a recipe; then food and massG must be absent
 * @param food catalogue id; then massG is needed
 * @param massG grams, 0 to 100000
 */
public record IngredientInput(
        @Nullable String line,
        @Nullable String food,
        @Nullable Double massG) {}
