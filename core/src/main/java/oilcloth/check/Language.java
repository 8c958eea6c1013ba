package oilcloth.check;

import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** What a letter can be written in. */
public enum Language {
    EN(Locale.US, "EEEE d MMMM, h:mm a", "MMMM d, yyyy"),
    ES(Locale.forLanguageTag("es-US"), "EEEE d 'de' MMMM, H:mm", "d 'de' MMMM 'de' yyyy");

    private final Locale locale;
    private final DateTimeFormatter moment;
    private final DateTimeFormatter day;

    Language(Locale locale, String moment, String day) {
        this.locale = locale;
        this.moment = DateTimeFormatter.ofPattern(moment, locale);
        this.day = DateTimeFormatter.ofPattern(day, locale);
    }

    public Locale locale() {
        return locale;
    }

    /** Day and time of a deadline. */
    public DateTimeFormatter moment() {
        return moment;
    }

    /** A date. */
    public DateTimeFormatter day() {
        return day;
    }

    /** As web pages and mails name it. */
    public String tag() {
        return locale.getLanguage();
    }
}
