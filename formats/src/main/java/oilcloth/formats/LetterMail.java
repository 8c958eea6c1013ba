package oilcloth.formats;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.Pattern;
import oilcloth.check.Language;

/** A letter as a mail message (RFC 5322) with a plain and an HTML part. */
public final class LetterMail {
    private static final DateTimeFormatter DATE =
            DateTimeFormatter.ofPattern("EEE, d MMM yyyy HH:mm:ss Z", Locale.US).withZone(ZoneOffset.UTC);
    /** One plain address; no list, no name, nothing a header could be broken with. */
    private static final Pattern ADDRESS =
            Pattern.compile("[A-Za-z0-9._%+'-]{1,64}@[A-Za-z0-9-]{1,63}(\\.[A-Za-z0-9-]{1,63})+");

    private static final int LINE = 76;
    /** Octets of a word of a header, so that it fits its line when encoded. */
    private static final int WORD = 40;

    private LetterMail() {}

    /**
     * @param to one address; empty for a message that is yet to be addressed
     * @throws IllegalArgumentException for anything that is no plain address
     */
    public static String of(String from, String to, String subject, String letter, Language language, Instant at) {
        if (!to.isEmpty() && !ADDRESS.matcher(to).matches()) {
            throw new IllegalArgumentException(
                    "“" + to.replaceAll("\\s+", " ") + "” is no address a letter can go to.");
        }
        String boundary = "letter-" + Long.toHexString(at.toEpochMilli()) + "-part";
        return String.join(
                "\r\n",
                "From: " + from,
                to.isEmpty() ? "To: undisclosed-recipients:;" : "To: " + to,
                "Subject: " + encoded(subject),
                "Date: " + DATE.format(at),
                "MIME-Version: 1.0",
                "Content-Type: multipart/alternative; boundary=\"" + boundary + "\"",
                "",
                "--" + boundary,
                part("text/plain", LetterFormats.harmless(letter)),
                "--" + boundary,
                part("text/html", LetterFormats.html(subject, letter, language)),
                "--" + boundary + "--",
                "");
    }

    private static String part(String type, String words) {
        String body = Base64.getMimeEncoder(LINE, new byte[] {'\r', '\n'})
                .encodeToString(words.replace("\n", "\r\n").getBytes(StandardCharsets.UTF_8));
        return "Content-Type: " + type + "; charset=UTF-8\r\nContent-Transfer-Encoding: base64\r\n\r\n" + body;
    }

    /** Encoded words of RFC 2047, none of them split inside a letter; line ends in a subject are blanks. */
    private static String encoded(String subject) {
        String line = LetterFormats.harmless(subject).replaceAll("\\s+", " ").strip();
        if (StandardCharsets.US_ASCII.newEncoder().canEncode(line) && line.length() < LINE - 10) {
            return line;
        }
        StringBuilder header = new StringBuilder();
        StringBuilder word = new StringBuilder();
        line.codePoints().forEach(c -> {
            word.appendCodePoint(c);
            if (word.toString().getBytes(StandardCharsets.UTF_8).length >= WORD) {
                append(header, word);
            }
        });
        append(header, word);
        return header.toString();
    }

    private static void append(StringBuilder header, StringBuilder word) {
        if (word.length() > 0) {
            header.append(header.length() == 0 ? "" : "\r\n ")
                    .append("=?UTF-8?B?")
                    .append(Base64.getEncoder().encodeToString(word.toString().getBytes(StandardCharsets.UTF_8)))
                    .append("?=");
            word.setLength(0);
        }
    }
}
