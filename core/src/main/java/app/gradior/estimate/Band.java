package app.gradior.estimate;

/** Tenth, fiftieth and ninetieth percentile: the truth lies between low and high four times in five. */
public record Band(double low, double middle, double high) {
    public Band {
        if (!(low <= middle && middle <= high)) {
            throw new IllegalArgumentException("a band must be in order: " + low + ", " + middle + ", " + high);
        }
    }

    /** High minus low. */
    public double width() {
        return high - low;
    }
}
