package oilcloth.practice;

import java.util.regex.Pattern;

/** A letter without the people in it. A second pair of eyes still reads it before others do. */
public final class Anonymous {
    private static final Pattern MAIL = Pattern.compile("[\\w.+-]+@[\\w-]+(\\.[\\w-]+)+");
    private static final Pattern PHONE = Pattern.compile("\\+?\\(?\\d{3}\\)?[ .-]\\d{3}[ .-]\\d{4}");
    /** "Yours, Edda", "Thanks! Edda Holm" on a line of its own, at the end. */
    private static final Pattern SIGNED = Pattern.compile(
            "(?im)^(yours|thanks|thank you|sincerely|love|regards|best|cheers|warmly)\\b[^\\n]{0,60}(\\n[^\\n]{1,40})?\\s*\\z");

    private static final Pattern NAMED =
            Pattern.compile("\\b(my name is|i am called|this is) [A-Z][\\w'-]+( [A-Z][\\w'-]+)?");

    private Anonymous() {}

    /** @param names of the canner and the place, as the case knows them */
    public static String of(String letter, String... names) {
        String said = MAIL.matcher(letter).replaceAll("…");
        said = PHONE.matcher(said).replaceAll("…");
        for (String name : names) {
            for (String part : name.strip().split("\\s+")) {
                if (part.length() > 2) {
                    said = said.replaceAll("(?i)\\b" + Pattern.quote(part) + "\\b", "…");
                }
            }
        }
        said = NAMED.matcher(said).replaceAll("$1 …");
        return SIGNED.matcher(said).replaceAll("").strip();
    }
}
