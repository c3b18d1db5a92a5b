package app.gradior.room.words;

import app.gradior.measure.Numbers;

/** How a reader wants volumes and temperatures. */
public interface Units {
    /** Millilitres and degrees Celsius: what programs are told. */
    Units METRIC = new Units() {
        @Override
        public String volume(double ml) {
            return Numbers.plain(5 * Math.round(ml / 5), 0) + " mL";
        }

        @Override
        public String temp(double tempC) {
            return Numbers.plain(tempC, 0) + " °C";
        }
    };

    /** A volume, from mL, with its unit. */
    String volume(double ml);

    /** A temperature, from °C, with its unit. */
    String temp(double tempC);
}
