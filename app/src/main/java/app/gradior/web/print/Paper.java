package app.gradior.web.print;

import app.gradior.measure.Numbers;
import app.gradior.room.words.Words;
import app.gradior.texture.RingTest;
import app.gradior.texture.Stair;
import app.gradior.vessel.PotShape;
import java.util.List;

/** The printables of the kit. */
final class Paper {
    private static final double LEFT_MM = 25;
    private static final double STICK_WIDTH_MM = 34;
    private static final double FLOOR_FROM_BOTTOM_MM = 40;
    private static final double PLATE_DENSITY_KG_PER_M3 = 1050;

    private Paper() {}

    /** A mark on the dipstick. */
    record Mark(double levelMm, String word) {}

    /**
     * A strip of paper to be cut out and taped on a wooden spoon: millimetres on its left edge, volumes on its right.
     *
     * @param marks levels of a plan; may be empty
     */
    static byte[] dipstick(String potName, PotShape pot, List<Mark> marks, boolean letter) {
        try (Sheet sheet = new Sheet(letter)) {
            double floor = sheet.heightMm() - FLOOR_FROM_BOTTOM_MM;
            double tallest = Math.min(pot.heightMm(), floor - 45);
            sheet.text(LEFT_MM, 20, 16, true, Words.text("paper.dipstick", potName));
            sheet.text(LEFT_MM, 27, 10, false, Words.text("paper.cut-it-out-tape-it-on"));
            sheet.line(LEFT_MM, floor, LEFT_MM, floor - tallest - 5, 0.2);
            sheet.line(LEFT_MM + STICK_WIDTH_MM, floor, LEFT_MM + STICK_WIDTH_MM, floor - tallest - 5, 0.2);
            sheet.line(LEFT_MM, floor, LEFT_MM + STICK_WIDTH_MM, floor, 0.5);
            for (int mm = 0; mm <= tallest; mm++) {
                double y = floor - mm;
                double length = mm % 10 == 0 ? 7 : mm % 5 == 0 ? 5 : 3;
                sheet.line(LEFT_MM, y, LEFT_MM + length, y, 0.15);
                if (mm % 10 == 0 && mm > 0) {
                    sheet.text(LEFT_MM + 8, y + 1, 7, false, String.valueOf(mm));
                }
            }
            volumes(sheet, pot, floor, tallest);
            for (Mark mark : marks) {
                if (mark.levelMm() > 0 && mark.levelMm() <= tallest) {
                    double y = floor - mark.levelMm();
                    sheet.line(LEFT_MM, y, LEFT_MM + STICK_WIDTH_MM + 8, y, 0.7);
                    sheet.text(
                            LEFT_MM + STICK_WIDTH_MM + 10,
                            y + 1.2,
                            10,
                            true,
                            mark.word() + " " + Numbers.plain(mark.levelMm(), 0) + " mm");
                }
            }
            sheet.ruler(LEFT_MM, sheet.heightMm() - 18);
            return sheet.bytes();
        }
    }

    /** Marks of whole volumes on the right edge, as close as they can be read. */
    private static void volumes(Sheet sheet, PotShape pot, double floor, double tallest) {
        double right = LEFT_MM + STICK_WIDTH_MM;
        double step = 50;
        while (tallest / (pot.volumeMl(tallest) / step) < 4) {
            step *= step % 4 == 0 || step == 50 || step == 500 || step == 5000 ? 2 : 2.5;
        }
        for (double ml = step; ml <= pot.volumeMl(tallest); ml += step) {
            double y = floor - pot.levelMm(ml);
            sheet.line(right - 5, y, right, y, 0.25);
            sheet.text(right - 17, y + 1, 7, false, Numbers.plain(ml, 0) + " mL");
        }
    }

    /** Rings to pour 30 mL on, with the step a sauce has that stops at each after a minute. */
    static byte[] ringTarget(boolean letter) {
        try (Sheet sheet = new Sheet(letter)) {
            double cx = sheet.widthMm() / 2;
            double cy = 125;
            sheet.text(LEFT_MM, 20, 16, true, Words.text("paper.ring-target"));
            sheet.text(LEFT_MM, 27, 10, false, Words.text("paper.lay-a-glass-plate-on-it"));
            sheet.text(LEFT_MM, 32, 10, false, Words.text("paper.read-the-mean-radius-after-seconds"));
            for (int mm = 10; mm <= 80; mm += 5) {
                sheet.circle(cx, cy, mm, mm % 10 == 0 ? 0.4 : 0.15);
                if (mm % 10 == 0) {
                    sheet.text(cx + 1, cy - mm - 0.8, 8, false, String.valueOf(mm));
                }
            }
            sheet.line(cx - 84, cy, cx + 84, cy, 0.1).line(cx, cy - 84, cx, cy + 84, 0.1);
            sheet.text(LEFT_MM, 216, 10, true, Words.text("paper.what-a-syrup-that-stops-there"));
            double y = 222;
            for (Stair.Tread tread : Stair.Tread.values()) {
                double radius = RingTest.radiusMm(Stair.viscosityPaS(tread.number()), 0, PLATE_DENSITY_KG_PER_M3);
                boolean secondColumn = tread.number() > 5;
                double x = LEFT_MM + (secondColumn ? 80 : 0);
                double row = y + 5 * ((tread.number() - 1) % 5);
                sheet.text(
                        x,
                        row,
                        9,
                        false,
                        tread.number() + " " + Words.say(tread) + ": " + Numbers.plain(radius, 0) + " mm");
            }
            sheet.text(LEFT_MM, 248, 9, false, Words.text("paper.a-pur-e-or-a-starch"));
            sheet.ruler(LEFT_MM, sheet.heightMm() - 18);
            return sheet.bytes();
        }
    }
}
