package oilcloth.check;

import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** What a letter can be written in. */
public enum Language {
    EN(Locale.US, "EEEE d MMMM, h:mm a"),
    ES(Locale.forLanguageTag("es-US"), "EEEE d 'de' MMMM, H:mm");

    private final Locale locale;
    private final DateTimeFormatter moment;

    Language(Locale locale, String moment) {
        this.locale = locale;
        this.moment = DateTimeFormatter.ofPattern(moment, locale);
    }

    public Locale locale() {
        return locale;
    }

    /** Day and time of a deadline. */
    public DateTimeFormatter moment() {
        return moment;
    }

    /** As web pages and mails name it. */
    public String tag() {
        return locale.getLanguage();
    }
}
