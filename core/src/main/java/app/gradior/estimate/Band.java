package app.gradior.estimate;

/**
 * Tenth, fiftieth and ninetieth percentile: the truth lies between low and high four times in five. All three are NaN for a
 * figure that there is not, such as the thickness of a pot with nothing liquid in it.
 */
public record Band(double low, double middle, double high) {
    public Band {
        boolean none = Double.isNaN(low) && Double.isNaN(middle) && Double.isNaN(high);
        if (!none && !(low <= middle && middle <= high)) {
            throw new IllegalArgumentException("a band must be in order: " + low + ", " + middle + ", " + high);
        }
    }

    /** How far above a number, never below 0. */
    public Band from(double start) {
        return new Band(Math.max(0, low - start), Math.max(0, middle - start), Math.max(0, high - start));
    }

    /** The same, and never surer than that share of its middle either way: the two are added as errors are, squared. */
    public Band atBest(double share) {
        double least = share * middle;
        return new Band(middle - Math.hypot(middle - low, least), middle, middle + Math.hypot(high - middle, least));
    }

    /** So much of the way to another band, 0 to 1. */
    public Band toward(Band other, double share) {
        return new Band(
                low + share * (other.low - low),
                middle + share * (other.middle - middle),
                high + share * (other.high - high));
    }

    /** High minus low. */
    public double width() {
        return high - low;
    }
}
