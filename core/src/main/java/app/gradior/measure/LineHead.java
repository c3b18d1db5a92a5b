package app.gradior.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What stands before a line or in place of one: bullets, check boxes, list numbers, headings. None of it is food. */
final class LineHead {
    private static final Pattern MARKS = Pattern.compile(
            "^[\\s>]*(?:(?:[-–—*•·▢☐☑□◻✓✔‣◦]|\\[[ xX✓]?\\]|\\(\\s?\\)|\\d{1,2}[.)](?=\\s+\\S)|\\(\\d{1,2}\\)(?=\\s+\\S))\\s*)+");
    private static final Pattern HEADING = Pattern.compile(
            "^#+\\s.*|^(?:step|part|stage|day|method|batch)\\s*\\d{1,2}\\s*[:.]?$|^[^\\d:]{1,60}:\\s*$|^\\*\\*[^\\d]{1,60}\\*\\*$"
                    + "|^(?:for|to\\smake)\\s(?:the|a|an|my|your)\\s[^\\d,;]{2,40}$"
                    + "|^(?:ingredients|method|directions|instructions|preparation|to\\sserve|to\\sfinish|to\\sgarnish|you\\swill\\sneed|what\\syou\\sneed)$",
            Pattern.CASE_INSENSITIVE);

    private LineHead() {}

    /** The line without what a list puts before it. A list's number never multiplies: "4. 1/2 cup sugar" is half a cup. */
    static String cut(String line) {
        Matcher marks = MARKS.matcher(line);
        return marks.find() ? line.substring(marks.end()) : line;
    }

    /** Whether it names a part of the recipe and nothing that goes in. */
    static boolean isHeading(String line) {
        return HEADING.matcher(line.strip()).matches();
    }
}
