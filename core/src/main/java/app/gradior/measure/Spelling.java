package app.gradior.measure;

/** How far two words are apart: letters put in, left out, changed, or two changed over (Damerau 1964, optimal string alignment). */
final class Spelling {
    private Spelling() {}

    /** Slips from one to the other; more than {@code most} is told as one more than that. */
    static int apart(String a, String b, int most) {
        int[] before = new int[b.length() + 1];
        int[] last = new int[b.length() + 1];
        int[] now = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            last[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            now[0] = i;
            int least = now[0];
            for (int j = 1; j <= b.length(); j++) {
                int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                now[j] = Math.min(Math.min(now[j - 1], last[j]) + 1, last[j - 1] + change);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    now[j] = Math.min(now[j], before[j - 2] + 1);
                }
                least = Math.min(least, now[j]);
            }
            if (least > most) {
                return most + 1;
            }
            int[] free = before;
            before = last;
            last = now;
            now = free;
        }
        return last[b.length()];
    }
}
