package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The day at the head of a line of a log: "9/2 - 25 lb cabbage", "9/3-9/30: in the cellar". */
final class DayHead {
    private static final Pattern DAYS = Pattern.compile(
            "^(\\d{1,2})/(\\d{1,2})(?:/\\d{2,4})?(?: ?(?:-|–|to|thru) ?\\d{1,2}/\\d{1,2}(?:/\\d{2,4})?)?(?: ?[:–—-]|,)? +(?=\\S)");

    private static final int MONTHS = 12;
    private static final int DAYS_OF_A_MONTH = 31;

    /** No measure is parted into more. */
    private static final int FINEST = 16;

    private DayHead() {}

    /** How many characters of a line tell the day; none where they may be a fraction. */
    static int length(String line) {
        Matcher m = DAYS.matcher(line);
        if (!m.find()) {
            return 0;
        }
        int month = Integer.parseInt(m.group(1));
        int day = Integer.parseInt(m.group(2));
        boolean fraction = month < day && day <= FINEST;
        return month >= 1 && month <= MONTHS && day >= 1 && day <= DAYS_OF_A_MONTH && !fraction ? m.end() : 0;
    }
}
